package cahier.app.book;

import cahier.app.draw.Glyph;
import cahier.app.household.Households;
import cahier.app.judge.Answers;
import cahier.app.judge.Note;
import cahier.app.judge.SuggestionWords;
import cahier.app.language.Words;
import cahier.app.method.Methods;
import cahier.app.scope.TrainerUser;
import cahier.app.step.Easier;
import cahier.app.step.StepForm;
import cahier.app.track.StepPlan;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.app.web.Check;
import cahier.app.web.NotFound;
import cahier.core.decide.Decision;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The trainer's answers: accept, overrule with a reason, split with a step in between, undo. Each goes back to where it was given. */
@Controller
class DecisionController {

    private static final int WHY = 400;
    private static final String CHANGED = "This has changed since you opened the page. Nothing was done; look again.";
    private static final String LOOK_AGAIN = "The suggestion has changed since you opened this page. Look at it, then decide; what you wrote is kept.";

    private final Answers answers;
    private final Tracks tracks;
    private final Households households;
    private final Books books;
    private final Methods methods;
    private final Clock clock;

    DecisionController(Answers answers, Tracks tracks, Households households, Books books, Methods methods, Clock clock) {
        this.answers = answers;
        this.tracks = tracks;
        this.households = households;
        this.books = books;
        this.methods = methods;
        this.clock = clock;
    }

    /** @param suggestion which one the trainer saw, in which version */
    record OverruleForm(long suggestion, int version, @Nullable String decision, @Nullable List<String> because, @Nullable String words) {

        /** The ticked reasons and the trainer's own words, as one sentence after the other. */
        String why(Check check) {
            List<String> parts = new ArrayList<>(because == null ? List.of() : because);
            String own = check.optional("words", words, WHY);
            if (!own.isEmpty()) {
                parts.add(own);
            }
            if (parts.isEmpty()) {
                check.refuse("words", Words.say("book.DecisionController.must-say-why-tick-a"));
            }
            return String.join(". ", parts);
        }
    }

    @PostMapping("/decisions/{id}/accept")
    String accept(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestParam int version, @RequestParam String back,
                  RedirectAttributes flash) {
        Answers.Result result = answers.accept(me, id, version, now());
        if (result == Answers.Result.ASKS) {
            return "redirect:/tracks/" + answers.trackOf(me.practice(), id) + "/call?back=" + local(back);
        }
        return done(result, back, flash);
    }

    /**
     * What comes next after a CALL.
     *
     * @param back the page it was asked from
     */
    record CallForm(long suggestion, int version, @Nullable String next, @Nullable String words, @Nullable String back) {

        /** A new easier step is written on a page of its own. */
        static final String EASIER = "EASIER";
    }

    /** A CALL is never accepted as it stands: rest, the step below, an easier step, or go on and say why. */
    @GetMapping("/tracks/{track}/call")
    String call(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, @RequestParam(defaultValue = "") String back, Model model) {
        Note note = openNote(row(me, track, model));
        if (note.decided().suggested() != Decision.CALL) {
            return "redirect:/tracks/" + track;
        }
        model.addAttribute("form", new CallForm(note.decided().id(), note.decided().version(), null, "", local(back)));
        return "book/call";
    }

    @PostMapping("/tracks/{track}/call")
    String called(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, @ModelAttribute("form") CallForm form, BindingResult result, Model model, RedirectAttributes flash) {
        TrackRow row = row(me, track, model);
        if (row.note().filter(Note::isOpen).filter(n -> n.decided().suggested() == Decision.CALL).isEmpty()) {
            flash.addFlashAttribute("refusal", Words.say("book.DecisionController.this-was-answered-meanwhile", (form.words() == null || form.words().isBlank() ? "" : Words.say("book.DecisionController.you-had-written", form.words()))));
            return "redirect:/tracks/" + track;
        }
        Check check = new Check(result);
        String why = check.optional("words", form.words(), WHY);
        if (CallForm.EASIER.equals(form.next()) && !result.hasErrors()) {
            flash.addFlashAttribute("why", why);
            return "redirect:/tracks/" + track + "/split?back=" + local(form.back());
        }
        if (form.next() == null || form.next().isEmpty()) {
            check.refuse("next", Words.say("book.DecisionController.must-be-chosen-a-call"));
            return "book/call";
        }
        Answers.Next next = check.choice("next", form.next(), Answers.Next.class);
        if (next == Answers.Next.GO_ON && why.isEmpty()) {
            check.refuse("words", Words.say("book.DecisionController.must-say-why-it-goes"));
        }
        if (result.hasErrors()) {
            return "book/call";
        }
        if (answers.call(me, form.suggestion(), form.version(), next, why, now()) == Answers.Result.DONE) {
            return "redirect:" + (local(form.back()).isEmpty() ? "/tracks/" + track : local(form.back()));
        }
        model.addAttribute("refusal", LOOK_AGAIN);
        return "book/call";
    }

    /** A track that the trainer had rested. */
    @PostMapping("/tracks/{track}/take-up")
    String takeUp(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, @RequestParam(defaultValue = "") String back) {
        answers.takeUp(me, track, now());
        return "redirect:" + (local(back).isEmpty() ? "/tracks/" + track : local(back));
    }

    @PostMapping("/decisions/{id}/undo")
    String undo(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestParam String back, RedirectAttributes flash) {
        return done(answers.undo(me, id, now()), back, flash);
    }

    @GetMapping("/tracks/{track}/overrule")
    String overrule(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, Model model) {
        TrackRow row = row(me, track, model);
        Note note = openNote(row);
        List<Choice> choices = choices(row, note, model);
        model.addAttribute("form", new OverruleForm(note.decided().id(), note.decided().version(), choices.get(0).decision().name(), List.of(), ""));
        return "book/overrule";
    }

    @PostMapping("/tracks/{track}/overrule")
    String overruled(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, @ModelAttribute("form") OverruleForm form,
                     BindingResult result, Model model, RedirectAttributes flash) {
        TrackRow row = row(me, track, model);
        if (row.note().filter(Note::isOpen).isEmpty()) {
            flash.addFlashAttribute("refusal", Words.say("book.DecisionController.the-suggestion-was-answered-meanwhile-2", form.words()));
            return "redirect:/tracks/" + track;
        }
        Note note = openNote(row);
        choices(row, note, model);
        Check check = new Check(result);
        Decision instead = check.choice("decision", form.decision(), Decision.class);
        String why = form.why(check);
        if (result.hasErrors()) {
            return "book/overrule";
        }
        if (instead == Decision.SPLIT) {
            flash.addFlashAttribute("why", why);
            return "redirect:/tracks/" + track + "/split";
        }
        if (answers.overrule(me, form.suggestion(), form.version(), instead, why, now()) == Answers.Result.DONE) {
            return "redirect:/tracks/" + track;
        }
        model.addAttribute("refusal", LOOK_AGAIN);
        return "book/overrule";
    }

    /** What can be decided instead, as the steps stand. */
    record Choice(Decision decision, Glyph glyph, String label) {

        static Choice of(Decision decision, int number) {
            String label = SuggestionWords.verdict(decision) + switch (decision) {
                case STAY -> Words.say("book.DecisionController.at", number);
                case UP -> Words.say("book.DecisionController.to", (number + 1));
                case BACK -> Words.say("book.DecisionController.to", (number - 1));
                default -> "";
            };
            return new Choice(decision, Glyph.of(decision), label);
        }
    }

    private static List<Choice> choices(TrackRow row, Note note, Model model) {
        TrackSteps roadmap = row.roadmap();
        List<Decision> possible = new ArrayList<>(List.of(Decision.STAY, roadmap.above().isPresent() ? Decision.UP : Decision.DONE));
        roadmap.below().ifPresent(s -> possible.add(Decision.BACK));
        possible.add(Decision.SPLIT);
        possible.remove(note.decided().suggested());
        List<Choice> choices = possible.stream().map(d -> Choice.of(d, roadmap.number())).toList();
        model.addAttribute("choices", choices);
        return choices;
    }

    /** The in-between step, ready to edit: figures half-way where there is a handy value; where nothing lies between, the trainer makes it easier. */
    @GetMapping("/tracks/{track}/split")
    String split(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, @RequestParam(defaultValue = "") String back, Model model) {
        TrackRow row = row(me, track, model);
        model.addAttribute("back", local(back));
        model.addAttribute("decision", openNote(row).decided());
        StepPlan current = row.step().orElseThrow(() -> new NotFound("a current step")).plan();
        StepPlan between = row.roadmap().below().map(below -> current.between(below.plan())).orElse(current);
        model.addAttribute("proposed", !between.equals(current));
        model.addAttribute("form", StepForm.of(0, between.equals(current) ? current.titledHalfWay() : between));
        return "book/step-form";
    }

    @PostMapping("/tracks/{track}/split")
    String splitDone(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, @RequestParam long decision,
                     @RequestParam(defaultValue = "") String why, @RequestParam(defaultValue = "") String back, @ModelAttribute("form") StepForm form, BindingResult result, Model model) {
        TrackRow row = row(me, track, model);
        model.addAttribute("back", local(back));
        Check check = new Check(result);
        StepPlan plan = form.read(check, row.track().kind());
        if (!result.hasErrors() && row.step().isPresent()) {
            Easier.check(check, plan, row.roadmap(), households.facts(me.practice(), row.track().householdId()).places());
        }
        if (result.hasErrors()) {
            model.addAttribute("decision", openNote(row).decided());
            model.addAttribute("why", why);
            return "book/step-form";
        }
        if (answers.split(me, decision, plan, why, now()) == Answers.Result.DONE) {
            return "redirect:" + (local(back).isEmpty() ? "/tracks/" + track : local(back));
        }
        // Without a decision to answer, the form that comes back keeps what was written as an ordinary step.
        model.addAttribute("refusal", Words.say("book.DecisionController.the-suggestion-was-answered-meanwhile"));
        return "book/step-form";
    }

    private TrackRow row(TrainerUser me, long track, Model model) {
        TrackRow row = books.row(me.practice(), track, now());
        TrackSteps roadmap = tracks.get(me.practice(), track);
        model.addAttribute("row", row);
        model.addAttribute("roadmap", roadmap);
        model.addAttribute("household", households.get(me.practice(), roadmap.track().householdId()));
        model.addAttribute("method", methods.ofHousehold(me.practice(), roadmap.track().householdId()));
        return row;
    }

    private static Note openNote(TrackRow row) {
        return row.note().filter(Note::isOpen).orElseThrow(() -> new NotFound("an open suggestion"));
    }

    private static String done(Answers.Result result, String back, RedirectAttributes flash) {
        if (result != Answers.Result.DONE) {
            flash.addFlashAttribute("refusal", CHANGED);
        }
        return "redirect:" + (local(back).isEmpty() ? "/" : local(back));
    }

    /** The page it was asked from, if it is one of these; empty otherwise. */
    private static String local(@Nullable String back) {
        return back != null && back.matches("/(households|tracks|lessons)/\\d{1,18}(/roadmap|/close)?") ? back : "";
    }

    private Instant now() {
        return Instant.now(clock);
    }
}

package cahier.app.book;

import cahier.app.forecast.Forecasts;
import cahier.app.forecast.Outlook;
import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.language.Words;
import cahier.app.roadmap.GoesRound;
import cahier.app.roadmap.Roadmaps;
import cahier.app.scope.TrainerUser;
import cahier.app.step.Cell;
import cahier.app.step.Halfway;
import cahier.app.step.StepForm;
import cahier.app.track.KeyedPlan;
import cahier.app.track.Step;
import cahier.app.track.StepPlan;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.app.web.Check;
import cahier.app.web.NotFound;
import cahier.app.web.StaleEdit;
import java.time.Clock;
import java.time.Instant;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.MapBindingResult;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The steps of a track, edited in their table: each change answers with the table as it then is, what it does to the forecast, and the way back. */
@Controller
class StepTableController {

    /** Sent by the script of the table, which shows the answer in its place. */
    static final String IN_PLACE = "X-In-Place";

    private final Tracks tracks;
    private final Roadmaps roadmaps;
    private final Households households;
    private final Forecasts forecasts;
    private final Clock clock;

    StepTableController(Tracks tracks, Roadmaps roadmaps, Households households, Forecasts forecasts, Clock clock) {
        this.tracks = tracks;
        this.roadmaps = roadmaps;
        this.households = households;
        this.forecasts = forecasts;
        this.clock = clock;
    }

    /** A value that cannot stand, said beside its cell. */
    static final class Refused extends RuntimeException {

        private static final long serialVersionUID = 1L;

        Refused(String why) {
            super(why);
        }
    }

    @ExceptionHandler(Refused.class)
    @ResponseStatus(HttpStatus.UNPROCESSABLE_ENTITY)
    @ResponseBody
    String refused(Refused e) {
        return String.valueOf(e.getMessage());
    }

    /** @param was what stood in the cell when it was opened: what somebody else wrote meanwhile is not overwritten unread */
    @PostMapping("/steps/{id}/cell")
    String cell(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestParam String field, @RequestParam(defaultValue = "") String typed, @RequestParam(defaultValue = "") String was,
                @RequestHeader(name = IN_PLACE, required = false) Optional<String> inPlace, Model model, RedirectAttributes flash) {
        Step step = tracks.step(me.practice(), id);
        TrackSteps map = tracks.get(me.practice(), step.trackId());
        int at = map.indexOf(id).orElseThrow(() -> new NotFound("step " + id));
        Cell cell = Cell.of(field).filter(c -> c.fits(step.written())).orElseThrow(() -> new NotFound("cell " + field));
        String stands = cell.typed(step.written());
        if (!stands.equals(was)) {
            throw new Refused(Words.say("book.StepTableController.was-changed-meanwhile-to-enter", stands));
        }
        StepPlan plan = read(me, step.written(), cell, typed, map);
        if (plan.equals(step.written())) {
            return table(me, map, inPlace, model);
        }
        return answer(me, map, inPlace, model, flash, () -> {
            try {
                tracks.saveStep(me.practice(), id, step.version(), plan, now());
            } catch (StaleEdit e) {
                throw new Refused(Words.say("book.StepTableController.was-changed-meanwhile-by-somebody"));
            }
            return new Changed(Words.say("book.StepTableController.step-was", (at + 1), cell.label().toLowerCase(Locale.ROOT), orNone(cell.shown(plan)), orNone(cell.shown(step.written()))), "",
                    "/steps/" + id + "/cell", Map.of("field", field, "typed", stands, "was", cell.typed(plan)));
        });
    }

    private StepPlan read(TrainerUser me, StepPlan written, Cell cell, String typed, TrackSteps map) {
        MapBindingResult result = new MapBindingResult(new HashMap<>(), "form");
        Check check = new Check(result);
        StepForm form = StepForm.of(0, written).with(cell, typed);
        StepPlan read = form.read(check, map.track().kind());
        Facts facts = households.facts(me.practice(), map.track().householdId());
        form.fitSpread(check, read, facts.handlers().size(), facts.places().size());
        if (result.hasErrors()) {
            throw new Refused(Objects.requireNonNullElse(result.getAllErrors().get(0).getDefaultMessage(), ""));
        }
        return cell.take(written, read);
    }

    private static String orNone(String shown) {
        return shown.isEmpty() ? "none" : shown;
    }

    /** A new step goes in before this one, by half of what differs. */
    @PostMapping("/steps/{id}/between")
    String between(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestHeader(name = IN_PLACE, required = false) Optional<String> inPlace, Model model, RedirectAttributes flash) {
        TrackSteps map = tracks.get(me.practice(), tracks.step(me.practice(), id).trackId());
        int at = map.indexOf(id).orElseThrow(() -> new NotFound("step " + id));
        StepPlan plan = Halfway.before(map, at, households.facts(me.practice(), map.track().householdId()).places());
        return answer(me, map, inPlace, model, flash, () -> {
            long made = tracks.addStep(me.practice(), map.track().id(), KeyedPlan.own(plan), at, now());
            model.addAttribute("made", made);
            return new Changed(Words.say("book.StepTableController.step-is-new", (at + 1), plan.title()), "", "/steps/" + made + "/remove", Map.of());
        });
    }

    /** @param by so many places towards the start (below 0) or the goal */
    @PostMapping("/steps/{id}/move")
    String move(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestParam int by, @RequestHeader(name = IN_PLACE, required = false) Optional<String> inPlace, Model model, RedirectAttributes flash) {
        Step step = tracks.step(me.practice(), id);
        TrackSteps map = tracks.get(me.practice(), step.trackId());
        int from = map.indexOf(id).orElseThrow(() -> new NotFound("step " + id));
        return answer(me, map, inPlace, model, flash, () -> {
            roadmaps.moveStep(me.practice(), id, by, now());
            int to = tracks.get(me.practice(), step.trackId()).indexOf(id).orElse(from);
            return new Changed(Words.say("book.StepTableController.is-step-was-step", step.title(), (to + 1), (from + 1)), "", "/steps/" + id + "/move", Map.of("by", Integer.toString(from - to)));
        });
    }

    @PostMapping("/steps/{id}/remove")
    String remove(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestHeader(name = IN_PLACE, required = false) Optional<String> inPlace, Model model, RedirectAttributes flash) {
        Step step = tracks.step(me.practice(), id);
        return answer(me, tracks.get(me.practice(), step.trackId()), inPlace, model, flash, () -> {
            if (!tracks.removeStep(me.practice(), id, now())) {
                throw new Refused(Words.say("book.StepTableController.the-dog-is-on-put", step.title()));
            }
            return new Changed(Words.say("book.StepTableController.is-out-its-reps-are", step.title()), "", "/steps/" + id + "/restore", Map.of());
        });
    }

    @PostMapping("/steps/{id}/restore")
    String restore(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestHeader(name = IN_PLACE, required = false) Optional<String> inPlace, Model model, RedirectAttributes flash) {
        Step step = tracks.step(me.practice(), id);
        return answer(me, tracks.get(me.practice(), step.trackId()), inPlace, model, flash, () -> {
            tracks.restoreStep(me.practice(), id, now());
            return new Changed(Words.say("book.StepTableController.is-back", step.title()), "", "/steps/" + id + "/remove", Map.of());
        });
    }

    /** The forecast is reckoned before and after, outside the transaction of the change. */
    private String answer(TrainerUser me, TrackSteps before, Optional<String> inPlace, Model model, RedirectAttributes flash, Supplier<Changed> change) {
        long track = before.track().id();
        Optional<Outlook> was = forecasts.of(me.practice(), before, now());
        try {
            Changed changed = change.get();
            TrackSteps after = tracks.get(me.practice(), track);
            String outlook = was.flatMap(w -> forecasts.of(me.practice(), after, now()).map(o -> o.after(w))).orElse("");
            flash.addFlashAttribute("changed", changed.with(outlook));
            model.addAttribute("changed", changed.with(outlook));
            return table(me, after, inPlace, model);
        } catch (GoesRound | Refused e) {
            if (inPlace.isPresent()) {
                throw new Refused(String.valueOf(e.getMessage()));
            }
            flash.addFlashAttribute("refusal", e.getMessage());
            return "redirect:/tracks/" + track;
        }
    }

    private String table(TrainerUser me, TrackSteps map, Optional<String> inPlace, Model model) {
        if (inPlace.isEmpty()) {
            return "redirect:/tracks/" + map.track().id();
        }
        model.addAttribute("table", StepTable.of(map, households.facts(me.practice(), map.track().householdId()).places()));
        return "book/steps :: steps";
    }

    private Instant now() {
        return Instant.now(clock);
    }
}

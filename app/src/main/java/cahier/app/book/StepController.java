package cahier.app.book;

import cahier.app.account.AccountService;
import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.judge.Answers;
import cahier.app.method.Methods;
import cahier.app.scope.TrainerUser;
import cahier.app.step.StepForm;
import cahier.app.track.KeyedPlan;
import cahier.app.track.Step;
import cahier.app.track.StepPlan;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.app.web.Check;
import java.time.Clock;
import java.time.Instant;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The steps of a track: added, edited on a page of their own, and the dog put on one. */
@Controller
class StepController {

    private final Tracks tracks;
    private final Households households;
    private final Answers answers;
    private final Methods methods;
    private final AccountService accounts;
    private final Clock clock;

    StepController(Tracks tracks, Households households, Answers answers, Methods methods, AccountService accounts, Clock clock) {
        this.accounts = accounts;
        this.tracks = tracks;
        this.households = households;
        this.answers = answers;
        this.methods = methods;
        this.clock = clock;
    }

    /** A new step starts as a copy of the last one: most steps change one thing. */
    @GetMapping("/tracks/{track}/steps/new")
    String blank(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, Model model) {
        TrackSteps roadmap = tracks.get(me.practice(), track);
        int count = roadmap.steps().size();
        model.addAttribute("form", count == 0 ? first(me, roadmap) : copyOf(roadmap.steps().get(count - 1).plan()));
        return form(me, roadmap, model);
    }

    private StepForm first(TrainerUser me, TrackSteps roadmap) {
        AccountService.PracticeSettings usual = accounts.settings(me.practice());
        return StepForm.first(methods.ofHousehold(me.practice(), roadmap.track().householdId()), usual.stepReps(), usual.stepSessions());
    }

    private static StepForm copyOf(StepPlan plan) {
        return StepForm.of(0, plan.withTitle(""));
    }

    private StepPlan read(TrainerUser me, StepForm form, TrackSteps roadmap, BindingResult result) {
        Check check = new Check(result);
        StepPlan plan = form.read(check, roadmap.track().kind());
        Facts facts = households.facts(me.practice(), roadmap.track().householdId());
        form.fitSpread(check, plan, facts.handlers().size(), facts.places().size());
        return plan;
    }

    private String form(TrainerUser me, TrackSteps roadmap, Model model) {
        model.addAttribute("roadmap", roadmap);
        model.addAttribute("household", households.get(me.practice(), roadmap.track().householdId()));
        model.addAttribute("method", methods.ofHousehold(me.practice(), roadmap.track().householdId()));
        return "book/step-form";
    }

    @PostMapping("/tracks/{track}/steps")
    String add(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, @ModelAttribute("form") StepForm form,
               BindingResult result, Model model) {
        TrackSteps roadmap = tracks.get(me.practice(), track);
        StepPlan plan = read(me, form, roadmap, result);
        if (result.hasErrors()) {
            return form(me, roadmap, model);
        }
        tracks.addStep(me.practice(), track, KeyedPlan.own(plan), Integer.MAX_VALUE, now());
        return back(track);
    }

    @GetMapping("/steps/{id}")
    String edit(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, Model model) {
        Step step = tracks.step(me.practice(), id);
        model.addAttribute("step", step);
        model.addAttribute("form", StepForm.of(step.version(), step.written()));
        return form(me, tracks.get(me.practice(), step.trackId()), model);
    }

    @PostMapping("/steps/{id}")
    String save(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @ModelAttribute("form") StepForm form, BindingResult result,
                Model model) {
        Step step = tracks.step(me.practice(), id);
        TrackSteps roadmap = tracks.get(me.practice(), step.trackId());
        StepPlan plan = read(me, form, roadmap, result);
        if (result.hasErrors()) {
            model.addAttribute("step", step);
            return form(me, roadmap, model);
        }
        tracks.saveStep(me.practice(), id, form.version(), plan, now());
        return back(step.trackId());
    }

    /** @param from "homework" where it was asked there */
    @PostMapping("/tracks/{track}/dog-on/{step}")
    String putOn(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, @PathVariable long step, @RequestParam(defaultValue = "") String from) {
        answers.putOn(me, track, step, now());
        return from.equals("homework") ? "redirect:/households/" + tracks.get(me.practice(), track).track().householdId() + "/homework" : back(track);
    }

    private static String back(long track) {
        return "redirect:/tracks/" + track;
    }

    private Instant now() {
        return Instant.now(clock);
    }
}

package cahier.app.step;

import cahier.app.climb.ClimbPlan;
import cahier.app.household.Households;
import cahier.app.language.Words;
import cahier.app.scope.TrainerUser;
import cahier.app.track.Step;
import cahier.app.track.StepPlan;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.app.web.Check;
import cahier.app.web.NotFound;
import cahier.core.decide.TrackKind;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Makes a run of steps from one step: its criteria climb, the steps are seen before they are kept. */
@Controller
class ClimbController {

    private final Tracks tracks;
    private final Households households;
    private final Clock clock;

    ClimbController(Tracks tracks, Households households, Clock clock) {
        this.tracks = tracks;
        this.households = households;
        this.clock = clock;
    }

    /** A noise that was tried comes with its loudness and the distance the dog works at. */
    @GetMapping("/tracks/{track}/climb")
    String blank(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, @RequestParam Optional<Integer> noise, @RequestParam Optional<Double> from, Model model) {
        TrackSteps roadmap = page(me, track, model);
        if (roadmap.steps().isEmpty()) {
            return "redirect:/tracks/" + track + "/steps/new";
        }
        Step last = roadmap.steps().get(roadmap.steps().size() - 1);
        model.addAttribute("form", noise.isPresent() ? ClimbForm.ofNoise(last, noise.get(), from.orElse(0.0)) : ClimbForm.of(last));
        return "step/climb";
    }

    /** Shows the steps; keeps them at the end of the track when asked to. */
    @PostMapping("/tracks/{track}/climb")
    String make(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, @ModelAttribute("form") ClimbForm form, BindingResult result,
                @RequestParam(defaultValue = "") String keep, Model model) {
        TrackSteps roadmap = page(me, track, model);
        Step base = roadmap.steps().stream().filter(s -> Long.toString(s.id()).equals(form.base())).findFirst().orElseThrow(() -> new NotFound("step " + form.base()));
        Check check = new Check(result);
        if (roadmap.track().kind() == TrackKind.COMFORT && form.food() != null && !form.food().isBlank()) {
            check.refuse("food", StepForm.FED_ON_COMFORT);
        }
        List<StepPlan> steps = steps(check, base.plan(), form.read(check, base.plan().teaching().fed()), result);
        if (result.hasErrors()) {
            return "step/climb";
        }
        if (keep.isEmpty()) {
            model.addAttribute("steps", steps);
            model.addAttribute("effort", EffortWords.Sum.of(base.plan(), roadmap.track().kind(), steps.size()));
            return "step/climb";
        }
        // The first made step is the base itself with its start values: it is not added a second time.
        List<StepPlan> fresh = steps.stream().filter(p -> !p.withTitle("").equals(base.plan().withTitle(""))).toList();
        tracks.addSteps(me.practice(), track, fresh, Instant.now(clock));
        return "redirect:/tracks/" + track;
    }

    private static List<StepPlan> steps(Check check, StepPlan base, List<ClimbPlan.Criterion<?>> criteria, BindingResult result) {
        if (criteria.isEmpty() && !result.hasErrors()) {
            check.refuse("base", Words.say("step.ClimbController.must-have-at-least-one"));
        }
        try {
            return result.hasErrors() ? List.of() : ClimbPlan.steps(base, criteria);
        } catch (IllegalArgumentException e) {
            check.refuse("base", String.valueOf(e.getMessage()));
            return List.of();
        }
    }

    private TrackSteps page(TrainerUser me, long track, Model model) {
        TrackSteps roadmap = tracks.get(me.practice(), track);
        model.addAttribute("roadmap", roadmap);
        model.addAttribute("household", households.get(me.practice(), roadmap.track().householdId()));
        return roadmap;
    }
}

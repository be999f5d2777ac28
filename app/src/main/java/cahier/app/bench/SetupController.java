package cahier.app.bench;

import cahier.app.climb.ClimbPlan;
import cahier.app.household.Households;
import cahier.app.language.Words;
import cahier.app.scope.TrainerUser;
import cahier.app.track.Step;
import cahier.app.track.StepPlan;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.app.web.NotFound;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Takes a set-up from the bench into a household: as a place, or as steps of a track. */
@Controller
class SetupController {

    private static final int LONGEST_PLACE = 60;

    private final Setups setups;
    private final Households households;
    private final Tracks tracks;
    private final Clock clock;

    SetupController(Setups setups, Households households, Tracks tracks, Clock clock) {
        this.setups = setups;
        this.households = households;
        this.tracks = tracks;
        this.clock = clock;
    }

    /** Kept it is drawn on the sheets that are issued from now on. */
    @PostMapping("/bench/setups")
    String keep(@AuthenticationPrincipal TrainerUser me, @RequestParam long household, @RequestParam Setup.Kind kind, @RequestParam String address, @RequestParam(defaultValue = "") String place,
                RedirectAttributes flash) {
        households.get(me.practice(), household);
        BenchCheck check = new BenchCheck();
        String clean = switch (kind) {
            case SIGHT -> {
                SightForm form = SightForm.parse(address);
                form.read(check);
                yield form.address();
            }
            case TRIANGLE -> {
                RecallForm form = RecallForm.parse(address);
                form.read(check);
                yield form.address();
            }
        };
        String name = place.strip();
        if (name.isEmpty() || name.length() > LONGEST_PLACE) {
            check.refuse(Words.say("bench.SetupController.the-place"), name.isEmpty() ? Words.say("bench.SetupController.must-not-be-empty") : Words.say("bench.SetupController.must-be-at-most-characters", LONGEST_PLACE, name.length()));
        }
        if (!check.isFine()) {
            flash.addFlashAttribute("refusal", String.join(" ", check.refusals()));
            return "redirect:/bench/" + kind.page() + "?" + clean + "&household=" + household;
        }
        setups.keep(me.practice(), household, name, kind, clean, me.signature(), Instant.now(clock));
        return "redirect:/households/" + household + "/distances#setups";
    }

    @PostMapping("/households/{household}/setups/{id}/remove")
    String remove(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @PathVariable long id, RedirectAttributes flash) {
        setups.remove(me.practice(), household, id, Instant.now(clock));
        flash.addFlashAttribute("removed", id);
        return "redirect:/households/" + household + "/distances#setups";
    }

    @PostMapping("/households/{household}/setups/{id}/restore")
    String restore(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @PathVariable long id) {
        setups.restore(me.practice(), household, id);
        return "redirect:/households/" + household + "/distances#setups";
    }

    /** The passes of a triangle as steps behind the one the dog is on, or at the end of a track that has not begun. */
    @PostMapping("/bench/passes")
    String passes(@AuthenticationPrincipal TrainerUser me, @RequestParam long track, @RequestParam String address, RedirectAttributes flash) {
        TrackSteps map = tracks.get(me.practice(), track);
        BenchCheck check = new BenchCheck();
        RecallForm form = RecallForm.parse(address);
        RecallForm.Result result = form.read(check).orElse(null);
        if (map.steps().isEmpty()) {
            check.refuse("“" + map.track().title() + "”", Words.say("bench.SetupController.must-have-a-step-first"));
        }
        if (result == null || !check.isFine()) {
            flash.addFlashAttribute("refusal", String.join(" ", check.refusals()));
            return "redirect:/bench/triangle?" + form.address() + "&household=" + map.track().householdId();
        }
        Step base = map.current().orElse(map.steps().get(map.steps().size() - 1));
        int behind = map.indexOf(base.id()).orElseThrow(() -> new NotFound("step " + base.id())) + 1;
        List<StepPlan> plans = steps(base.plan(), result);
        tracks.addSteps(me.practice(), track, plans, behind, Instant.now(clock));
        return "redirect:/tracks/" + track;
    }

    private static List<StepPlan> steps(StepPlan base, RecallForm.Result result) {
        List<String> words = result.passes().stream().map(p -> p.words(result.along())).toList();
        StepPlan there = base.withDistance(result.caller()).withDistraction(words.get(0));
        return words.size() < 2 ? List.of(there.withTitle(base.title() + ", " + words.get(0))) : ClimbPlan.steps(there, List.of(ClimbPlan.distraction(words)));
    }
}

package cahier.app.roadmap;

import cahier.app.household.Households;
import cahier.app.language.Words;
import cahier.app.scope.TrainerUser;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** What the shelf has newer than a track, step by step. */
@Controller
class NewerController {

    private final Newer newer;
    private final Tracks tracks;
    private final Households households;
    private final Clock clock;

    NewerController(Newer newer, Tracks tracks, Households households, Clock clock) {
        this.newer = newer;
        this.tracks = tracks;
        this.households = households;
        this.clock = clock;
    }

    @GetMapping("/tracks/{id}/newer")
    String show(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, Model model) {
        TrackSteps map = tracks.get(me.practice(), id);
        model.addAttribute("track", map.track());
        model.addAttribute("household", households.get(me.practice(), map.track().householdId()));
        model.addAttribute("change", newer.pending(map).orElse(null));
        model.addAttribute("seen", newer.now(map.track()));
        return "roadmap/newer";
    }

    /**
     * Takes the ticked steps; the others stay as they are.
     *
     * @param take keys of steps
     * @param seen tells the version that was shown
     */
    @PostMapping("/tracks/{id}/newer")
    String take(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestParam(defaultValue = "") Set<String> take, @RequestParam(defaultValue = "false") boolean order,
                @RequestParam(defaultValue = "false") boolean goal, @RequestParam(defaultValue = "") String seen, RedirectAttributes flash) {
        if (!newer.now(tracks.get(me.practice(), id).track()).equals(seen)) {
            flash.addFlashAttribute("refusal", Words.say("roadmap.NewerController.the-template-was-changed-once"));
            return "redirect:/tracks/" + id + "/newer";
        }
        try {
            newer.take(me.practice(), id, new Taken.Choice(Optional.of(take), order, goal), me.signature(), Instant.now(clock));
            flash.addFlashAttribute("said", take.isEmpty() && !order && !goal ? Words.say("roadmap.NewerController.the-steps-stay-as-they") : Words.say("roadmap.NewerController.the-steps-you-ticked-read"));
            return "redirect:/tracks/" + id;
        } catch (GoesRound e) {
            flash.addFlashAttribute("refusal", e.getMessage());
            return "redirect:/tracks/" + id + "/newer";
        }
    }
}

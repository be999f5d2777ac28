package cahier.app.step;

import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.scope.TrainerUser;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Goes on with a track in a new place: the step to begin with is proposed, the steps are seen before they are kept. */
@Controller
class PlaceController {

    private final Tracks tracks;
    private final Households households;
    private final Clock clock;

    PlaceController(Tracks tracks, Households households, Clock clock) {
        this.tracks = tracks;
        this.households = households;
        this.clock = clock;
    }

    @GetMapping("/tracks/{track}/place")
    String show(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, @RequestParam Optional<Long> place, Model model) {
        TrackSteps map = tracks.get(me.practice(), track);
        Facts facts = households.facts(me.practice(), map.track().householdId());
        model.addAttribute("roadmap", map);
        model.addAttribute("facts", facts);
        place.filter(p -> !map.steps().isEmpty()).ifPresent(p -> model.addAttribute("proposal", NewPlace.of(map, facts.places(), facts.place(p))));
        return "step/place";
    }

    /** The steps go in behind the one the dog is on. */
    @PostMapping("/tracks/{track}/place")
    String keep(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, @RequestParam long place) {
        TrackSteps map = tracks.get(me.practice(), track);
        Facts facts = households.facts(me.practice(), map.track().householdId());
        if (!map.steps().isEmpty()) {
            NewPlace proposal = NewPlace.of(map, facts.places(), facts.place(place));
            tracks.addSteps(me.practice(), track, proposal.steps(), proposal.reached() + 1, Instant.now(clock));
        }
        return "redirect:/tracks/" + track;
    }
}

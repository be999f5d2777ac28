package cahier.app.book;

import cahier.app.account.TrainerUser;
import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.household.Place;
import cahier.app.judge.Judgements;
import cahier.app.track.KeyedPlan;
import cahier.app.track.Roadmap;
import cahier.app.track.Tracks;
import cahier.app.web.NotFound;
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
    private final Judgements judgements;
    private final Clock clock;

    PlaceController(Tracks tracks, Households households, Judgements judgements, Clock clock) {
        this.tracks = tracks;
        this.households = households;
        this.judgements = judgements;
        this.clock = clock;
    }

    @GetMapping("/tracks/{track}/place")
    String show(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, @RequestParam Optional<Long> place, Model model) {
        Roadmap map = tracks.get(me.practice(), track);
        Facts facts = households.facts(me.practice(), map.track().householdId());
        model.addAttribute("roadmap", map);
        model.addAttribute("facts", facts);
        place.filter(p -> !map.steps().isEmpty()).ifPresent(p -> model.addAttribute("proposal", NewPlace.of(map, facts.places(), place(facts, p))));
        return "book/place";
    }

    /** The steps go in behind the one the dog is on. */
    @PostMapping("/tracks/{track}/place")
    String keep(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, @RequestParam long place) {
        Roadmap map = tracks.get(me.practice(), track);
        Facts facts = households.facts(me.practice(), map.track().householdId());
        if (!map.steps().isEmpty()) {
            NewPlace proposal = NewPlace.of(map, facts.places(), place(facts, place));
            Instant now = Instant.now(clock);
            for (int i = 0; i < proposal.steps().size(); i++) {
                tracks.addStep(me.practice(), track, KeyedPlan.own(proposal.steps().get(i)), proposal.reached() + 1 + i, now);
            }
            judgements.judge(me.practice(), track, now);
        }
        return "redirect:/tracks/" + track;
    }

    private static Place place(Facts facts, long id) {
        return facts.places().stream().filter(p -> p.id() == id).findFirst().orElseThrow(() -> new NotFound("place " + id));
    }
}

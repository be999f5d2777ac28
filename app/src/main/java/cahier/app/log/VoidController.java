package cahier.app.log;

import cahier.app.household.Facts;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.scope.TrainerUser;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.app.web.NotFound;
import java.time.Clock;
import java.time.Instant;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The trainer takes a rep out, one that was too much too, and puts it back. It is voided, never deleted (docs/rules.md 1). */
@Controller
@Transactional
class VoidController {

    private final Tracks tracks;
    private final Households households;
    private final RepLog log;
    private final Clock clock;

    VoidController(Tracks tracks, Households households, RepLog log, Clock clock) {
        this.tracks = tracks;
        this.households = households;
        this.log = log;
        this.clock = clock;
    }

    @PostMapping("/tracks/{track}/reps/void")
    String takeOut(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, @RequestParam String rep, RedirectAttributes flash) {
        Instant now = Instant.now(clock);
        KeptRep out = find(me, track, rep);
        Facts facts = households.facts(me.practice(), tracks.get(me.practice(), track).track().householdId());
        log.voidRep(facts.household(), out, now, me.id());
        flash.addFlashAttribute("voided", out.id().toString());
        flash.addFlashAttribute("voidedSays", RepWords.of(out, facts));
        return "redirect:/tracks/" + track + "#evidence";
    }

    @PostMapping("/tracks/{track}/reps/restore")
    String putBack(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, @RequestParam String rep) {
        Household household = households.get(me.practice(), tracks.get(me.practice(), track).track().householdId());
        log.putBack(household, find(me, track, rep), Instant.now(clock));
        return "redirect:/tracks/" + track + "#evidence";
    }

    private KeptRep find(TrainerUser me, long track, String id) {
        TrackSteps map = tracks.get(me.practice(), track);
        Household household = households.get(me.practice(), map.track().householdId());
        try {
            return log.find(household, UUID.fromString(id)).filter(r -> r.trackId() == track).orElseThrow(() -> new NotFound("rep " + id));
        } catch (IllegalArgumentException e) {
            throw new NotFound("rep " + id);
        }
    }
}

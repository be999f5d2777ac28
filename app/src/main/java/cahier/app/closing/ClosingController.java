package cahier.app.closing;

import cahier.app.alarm.Alarms;
import cahier.app.ask.Questions;
import cahier.app.household.GoneDog;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.language.Words;
import cahier.app.scope.TrainerUser;
import cahier.app.track.Track;
import cahier.app.track.Tracks;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The pages on which things end, and come back. */
@Controller
class ClosingController {

    private final Closings closings;
    private final Households households;
    private final Tracks tracks;
    private final Alarms alarms;
    private final Questions questions;
    private final Clock clock;

    ClosingController(Closings closings, Households households, Tracks tracks, Alarms alarms, Questions questions, Clock clock) {
        this.closings = closings;
        this.households = households;
        this.tracks = tracks;
        this.alarms = alarms;
        this.questions = questions;
        this.clock = clock;
    }

    /** What can be done when a household has finished; what still waits for an answer is said first. */
    @GetMapping("/households/{household}/leave")
    String leave(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, Model model) {
        model.addAttribute("household", households.get(me.practice(), household));
        model.addAttribute("alarms", alarms.open(me.practice(), household).size());
        model.addAttribute("questions", questions.open(me.practice(), household).size());
        return "closing/leave";
    }

    @PostMapping("/households/{household}/close")
    String close(@AuthenticationPrincipal TrainerUser me, @PathVariable long household) {
        closings.close(me, household, Instant.now(clock));
        return "redirect:/households/" + household;
    }

    @PostMapping("/households/{household}/reopen")
    String reopen(@AuthenticationPrincipal TrainerUser me, @PathVariable long household) {
        closings.reopen(me, household, Instant.now(clock));
        return "redirect:/households/" + household;
    }

    @PostMapping("/households/{household}/dogs/{dog}/gone")
    String gone(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @PathVariable long dog, @RequestParam GoneDog.How how) {
        closings.dog(me, household, dog, how, Instant.now(clock));
        return facts(household, "dogs");
    }

    @PostMapping("/households/{household}/dogs/{dog}/back")
    String back(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @PathVariable long dog, RedirectAttributes flash) {
        return putBack(household, "dogs", () -> closings.dog(me, household, dog, null, Instant.now(clock)), Words.say("closing.ClosingController.it-was-not-put-back"), flash);
    }

    @PostMapping("/households/{household}/people/{person}/left")
    String left(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @PathVariable long person) {
        closings.person(me, household, person, true, Instant.now(clock));
        return facts(household, "people");
    }

    @PostMapping("/households/{household}/people/{person}/back")
    String returned(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @PathVariable long person, RedirectAttributes flash) {
        return putBack(household, "people", () -> closings.person(me, household, person, false, Instant.now(clock)), Words.say("closing.ClosingController.not-put-back-somebody-else"), flash);
    }

    @PostMapping("/tracks/{track}/take-off")
    String takeOff(@AuthenticationPrincipal TrainerUser me, @PathVariable long track) {
        tracks.takeOff(me.practice(), track, me.signature(), Instant.now(clock));
        return roadmap(tracks.get(me.practice(), track).track());
    }

    @PostMapping("/tracks/{track}/put-back")
    String putBack(@AuthenticationPrincipal TrainerUser me, @PathVariable long track) {
        tracks.putBack(me.practice(), track, Instant.now(clock));
        return roadmap(tracks.get(me.practice(), track).track());
    }

    /** A file was brought in by mistake: all that came with it. */
    @PostMapping("/households/{household}/roadmap/take-off")
    String takeOff(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam(defaultValue = "") Set<Long> track) {
        Household home = households.get(me.practice(), household);
        List<Long> known = tracks.ofHousehold(me.practice(), household).stream().map(m -> m.track().id()).toList();
        track.stream().filter(known::contains).sorted().forEach(t -> tracks.takeOff(me.practice(), t, me.signature(), Instant.now(clock)));
        return "redirect:/households/" + home.id() + "/roadmap";
    }

    private static String putBack(long household, String kind, Runnable back, String nameIsTaken, RedirectAttributes flash) {
        try {
            back.run();
        } catch (DuplicateKeyException e) {
            flash.addFlashAttribute("refusal", nameIsTaken);
        }
        return facts(household, kind);
    }

    private static String roadmap(Track track) {
        return "redirect:/households/" + track.householdId() + "/roadmap";
    }

    private static String facts(long household, String kind) {
        return "redirect:/households/" + household + "?facts=" + kind;
    }
}

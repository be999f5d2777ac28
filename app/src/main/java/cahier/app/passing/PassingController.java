package cahier.app.passing;

import cahier.app.household.Facts;
import cahier.app.household.Hours;
import cahier.app.household.Households;
import cahier.app.household.Place;
import cahier.app.language.Words;
import cahier.app.scope.TrainerUser;
import cahier.app.web.NotFound;
import java.time.Clock;
import java.time.Instant;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Who passes where and when, and what the week makes of it. */
@Controller
class PassingController {

    private static final int LAST_HOUR = 23;

    private final Passing passing;
    private final Households households;
    private final Clock clock;

    PassingController(Passing passing, Households households, Clock clock) {
        this.passing = passing;
        this.households = households;
        this.clock = clock;
    }

    @GetMapping("/households/{id}/passing")
    String show(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, Model model) {
        Facts facts = households.facts(me.practice(), id);
        model.addAttribute("facts", facts);
        model.addAttribute("passers", passing.at(me.practice(), facts, Instant.now(clock)));
        return "passing/passing";
    }

    /** An hour that is too busy becomes one of the place's busy hours: the week keeps out of it. */
    @PostMapping("/households/{id}/passing/busy")
    String busy(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestParam String place, @RequestParam int hour, RedirectAttributes flash) {
        Place known = households.facts(me.practice(), id).placeNamed(place);
        if (hour < 0 || hour > LAST_HOUR) {
            throw new NotFound("hour " + hour);
        }
        try {
            households.put(me.practice(), id, known.busyToo(Hours.parse("daily " + hour + ":00-" + (hour + 1) + ":00")));
            flash.addFlashAttribute("said", Words.say("passing.PassingController.the-week-keeps-out-of", place, hour, (hour + 1)));
        } catch (IllegalArgumentException e) {
            flash.addFlashAttribute("refusal", "The busy hours of " + place + " " + e.getMessage() + ". Nothing was changed.");
        }
        return "redirect:/households/" + id + "/passing";
    }
}

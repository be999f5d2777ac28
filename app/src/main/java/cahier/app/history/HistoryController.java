package cahier.app.history;

import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.scope.TrainerUser;
import java.time.Clock;
import java.time.Instant;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** Who changed what of a household, and who looked at it. */
@Controller
class HistoryController {

    private final Histories histories;
    private final Households households;
    private final Clock clock;

    HistoryController(Histories histories, Households households, Clock clock) {
        this.histories = histories;
        this.households = households;
        this.clock = clock;
    }

    @GetMapping("/households/{household}/history")
    String done(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam(defaultValue = "1") int page, Model model) {
        Household home = households.get(me.practice(), household);
        model.addAttribute("household", home);
        model.addAttribute("lines", histories.done(home, page, Instant.now(clock)));
        model.addAttribute("looks", false);
        return "history/history";
    }

    @GetMapping("/households/{household}/looks")
    String looks(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam(defaultValue = "1") int page, Model model) {
        Household home = households.get(me.practice(), household);
        model.addAttribute("household", home);
        model.addAttribute("lines", histories.looks(home, page));
        model.addAttribute("looks", true);
        return "history/history";
    }
}

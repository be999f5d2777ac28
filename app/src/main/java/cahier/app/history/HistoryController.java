package cahier.app.history;

import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.scope.TrainerUser;
import java.time.Clock;
import java.time.LocalDate;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** Who changed what of a household. */
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
    String show(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, Model model) {
        Household home = households.get(me.practice(), household);
        model.addAttribute("household", home);
        model.addAttribute("acts", histories.of(me.practice(), household));
        model.addAttribute("today", LocalDate.now(clock.withZone(home.zone())));
        return "history/history";
    }
}

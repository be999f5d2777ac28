package cahier.app.desk;

import cahier.app.account.AccountService;
import cahier.app.account.Whose;
import cahier.app.find.Finds;
import cahier.app.household.Households;
import cahier.app.scope.TrainerUser;
import cahier.app.team.HandOvers;
import cahier.app.update.UpdateNotes;
import java.time.Clock;
import java.time.Instant;
import java.util.Arrays;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The desk, and the list of all households. */
@Controller
class DeskController {

    private final DeskService desk;
    private final AccountService accounts;
    private final UpdateNotes updates;
    private final Finds finds;
    private final Households households;
    private final HandOvers team;
    private final Clock clock;

    DeskController(DeskService desk, AccountService accounts, UpdateNotes updates, Finds finds, Households households, HandOvers team, Clock clock) {
        this.team = team;
        this.households = households;
        this.finds = finds;
        this.accounts = accounts;
        this.desk = desk;
        this.updates = updates;
        this.clock = clock;
    }

    @GetMapping("/")
    String desk(@AuthenticationPrincipal TrainerUser me, @RequestParam(defaultValue = "") String show, @RequestParam(defaultValue = "1") String page, @RequestParam(defaultValue = "") String whose, Model model) {
        Instant now = Instant.now(clock);
        Whose of = accounts.whose(me, whose.equals("all"), now);
        DeskRow.Kind only = Arrays.stream(DeskRow.Kind.values()).filter(k -> k.name().equals(show)).findFirst().orElse(null);
        model.addAttribute("desk", desk.desk(me.practice(), of, only, number(page), now));
        names(me, of, model);
        model.addAttribute("handed", team.handedTo(me));
        model.addAttribute("opened", households.lastOpened(me, now));
        model.addAttribute("silent", !me.isReading() && accounts.trainer(me).phone().isEmpty());
        model.addAttribute("updates", updates.open(me.practice()));
        return "desk/desk";
    }

    /** How the trainers sign, where a list of several trainers' households says whose each is. */
    private void names(TrainerUser me, Whose of, Model model) {
        model.addAttribute("whose", of);
        if (of.several()) {
            model.addAttribute("names", accounts.names(me.practice()));
        }
    }

    private static int number(String page) {
        return page.matches("\\d{1,6}") ? Integer.parseInt(page) : 1;
    }

    /** All households by name; or those that have the words in their name or their dogs', and whatever else has them. */
    @GetMapping("/households")
    String households(@AuthenticationPrincipal TrainerUser me, @RequestParam(defaultValue = "") String find, @RequestParam(defaultValue = "1") String page, Model model) {
        DeskService.Listed listed = desk.named(me.practice(), find.strip(), number(page), Instant.now(clock));
        model.addAttribute("listed", listed);
        names(me, accounts.whose(me, true, Instant.now(clock)), model);
        model.addAttribute("found", finds.with(me.practice(), find, Finds.MOST).stream().filter(f -> !f.kind().isListed() || !f.has(find)).toList()); // the others stand above, on this page or another
        model.addAttribute("find", find.strip());
        model.addAttribute("opened", households.lastOpened(me, Instant.now(clock)));
        return "desk/households";
    }
}

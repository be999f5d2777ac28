package cahier.app.book;

import cahier.app.account.TrainerUser;
import cahier.app.bench.Setups;
import cahier.app.food.FoodLines;
import cahier.app.household.Facts;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.household.Person;
import cahier.app.outbox.Outbox;
import cahier.app.sheet.Homework;
import cahier.app.sheet.Homeworks;
import cahier.app.sheet.OwnerLinks;
import cahier.app.web.Site;
import cahier.app.week.Weeks;
import cahier.app.wording.Wordings;
import java.time.Clock;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Issues homework, shows what was issued, and looks after the owner's link. */
@Controller
class SheetController {

    private final Sending sending;
    private final Homeworks homeworks;
    private final OwnerLinks links;
    private final Households households;
    private final FoodLines food;
    private final Setups setups;
    private final Wordings wordings;
    private final Weeks weeks;
    private final Clock clock;

    SheetController(Sending sending, Homeworks homeworks, OwnerLinks links, Households households, FoodLines food, Setups setups, Wordings wordings, Weeks weeks, Clock clock) {
        this.food = food;
        this.setups = setups;
        this.wordings = wordings;
        this.weeks = weeks;
        this.sending = sending;
        this.homeworks = homeworks;
        this.links = links;
        this.households = households;
        this.clock = clock;
    }

    @PostMapping("/households/{household}/homework")
    String issue(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, RedirectAttributes flash) {
        Optional<Homework> issued = sending.issue(me, household, Site.address(), now());
        if (issued.isEmpty()) {
            flash.addFlashAttribute("refusal", "There is no step to practise yet. Add a track with a step first.");
            return "redirect:/households/" + household;
        }
        flash.addFlashAttribute("justIssued", true);
        return "redirect:/sheets/" + issued.get().id();
    }

    @GetMapping("/sheets/{id}")
    String show(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, Model model) {
        Homework sheet = homeworks.get(me.practice(), id);
        Household household = households.get(me.practice(), sheet.householdId());
        model.addAttribute("sheet", sheet);
        model.addAttribute("household", household);
        Facts facts = households.facts(me.practice(), sheet.householdId());
        model.addAttribute("facts", facts);
        model.addAttribute("food", food.of(me.practice(), facts, sheet.pieces(), sheet.issuedAt().atZone(household.zone()).toLocalDate()));
        model.addAttribute("link", links.token(me.practice(), sheet.householdId()).map(token -> Site.address() + "/o/" + token).orElse(null));
        model.addAttribute("setups", setups.at(me.practice(), sheet.householdId(), sheet.issuedAt()));
        model.addAttribute("strangers", wordings.strangers(me.practice(), facts));
        model.addAttribute("readers", Outbox.readers(facts).stream().map(Person::name).toList());
        model.addAttribute("linkMadeAt", links.madeAt(me.practice(), sheet.householdId()));
        model.addAttribute("week", weeks.of(me.practice(), sheet.householdId(), now()).orElse(null));
        model.addAttribute("newest", homeworks.latest(me.practice(), sheet.householdId()).filter(h -> h.id() == id).isPresent());
        return "sheet/sheet";
    }

    @GetMapping("/sheets")
    String list(@AuthenticationPrincipal TrainerUser me, Model model) {
        Map<Long, Household> byId = households.all(me.practice()).stream().collect(Collectors.toMap(Household::id, Function.identity()));
        model.addAttribute("sheets", homeworks.newest(me.practice()));
        model.addAttribute("households", byId);
        return "sheet/sheets";
    }

    @PostMapping("/households/{household}/link")
    String newLink(@AuthenticationPrincipal TrainerUser me, @PathVariable long household) {
        households.get(me.practice(), household);
        links.replace(me.practice(), household, now());
        return "redirect:" + latestSheet(me, household);
    }

    @PostMapping("/households/{household}/link/revoke")
    String revoke(@AuthenticationPrincipal TrainerUser me, @PathVariable long household) {
        households.get(me.practice(), household);
        links.revoke(me.practice(), household, now());
        return "redirect:" + latestSheet(me, household);
    }

    private String latestSheet(TrainerUser me, long household) {
        return homeworks.latest(me.practice(), household).map(h -> "/sheets/" + h.id()).orElse("/households/" + household);
    }

    private Instant now() {
        return Instant.now(clock);
    }
}

package cahier.app.owner;

import cahier.app.account.AccountService;
import cahier.app.audit.Audited;
import cahier.app.copy.Copies;
import cahier.app.copy.Download;
import cahier.app.erasure.Keeping;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.sheet.OwnerLinks.Owner;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import org.springframework.core.io.Resource;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestAttribute;

/** What is kept of a household, in the practice's name, and all of it to take along. */
@Controller
class PrivacyController {

    private final Households households;
    private final AccountService accounts;
    private final Keeping keeping;
    private final Copies copies;
    private final Clock clock;

    PrivacyController(Households households, AccountService accounts, Keeping keeping, Copies copies, Clock clock) {
        this.households = households;
        this.accounts = accounts;
        this.keeping = keeping;
        this.copies = copies;
        this.clock = clock;
    }

    @GetMapping("/o/{token}/privacy")
    String show(@PathVariable String token, @RequestAttribute(OwnerFilter.OWNER) Owner owner, Model model) {
        model.addAttribute("token", token);
        model.addAttribute("practice", accounts.settings(owner.practice()));
        model.addAttribute("trainers", accounts.trainers(owner.practice()));
        model.addAttribute("kept", keeping.of(owner.practice()));
        return "owner/privacy";
    }

    @PostMapping("/o/{token}/export")
    ResponseEntity<Resource> copy(@PathVariable String token, @RequestAttribute(OwnerFilter.OWNER) Owner owner) {
        Household home = households.get(owner.practice(), owner.householdId());
        return Download.of(copies.household(owner.practice(), owner.householdId(), Audited.What.EXPORTED_BY_OWNER, Instant.now(clock)), home.name(), LocalDate.now(clock.withZone(home.zone())));
    }
}

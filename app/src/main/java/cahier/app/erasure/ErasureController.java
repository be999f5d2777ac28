package cahier.app.erasure;

import cahier.app.account.AccountService;
import cahier.app.copy.Copies;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.language.Words;
import cahier.app.scope.TrainerUser;
import cahier.app.web.Check;
import cahier.app.web.Dates;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Erasing in two steps: what would go, then the household's name by hand; and the certificate. */
@Controller
class ErasureController {

    private final Erasures erasures;
    private final Copies copies;
    private final Households households;
    private final AccountService accounts;
    private final Clock clock;

    ErasureController(Erasures erasures, Copies copies, Households households, AccountService accounts, Clock clock) {
        this.erasures = erasures;
        this.copies = copies;
        this.households = households;
        this.accounts = accounts;
        this.clock = clock;
    }

    record EraseForm(@Nullable String name) {
    }

    /** Households that are closed, and certificates of those that were erased. */
    @GetMapping("/households/closed")
    String closed(@AuthenticationPrincipal TrainerUser me, @RequestParam(defaultValue = "1") int page, Model model) {
        model.addAttribute("closed", households.closed(me.practice()));
        model.addAttribute("erased", erasures.page(me.practice(), page));
        return "erasure/closed";
    }

    @GetMapping("/households/{household}/erase")
    String look(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, Model model) {
        model.addAttribute("form", new EraseForm(""));
        return page(me, households.get(me.practice(), household), model);
    }

    private String page(TrainerUser me, Household household, Model model) {
        model.addAttribute("household", household);
        model.addAttribute("goes", Counted.of(copies.counts(me.practice(), household.id())));
        return "erasure/erase";
    }

    @PostMapping("/households/{household}/erase")
    String erase(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @ModelAttribute("form") EraseForm form, BindingResult result, Model model) {
        Household home = households.get(me.practice(), household);
        String typed = form.name() == null ? "" : form.name().strip();
        if (!typed.equalsIgnoreCase(home.name().strip())) {
            new Check(result).refuse("name", Words.say("erasure.ErasureController.must-be-was", home.name(), typed));
            return page(me, home, model);
        }
        return "redirect:/erasures/" + erasures.ask(me, household, Instant.now(clock));
    }

    @GetMapping("/erasures/{id}")
    String certificate(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, Model model) {
        Erasures.Certificate certificate = erasures.get(me.practice(), id);
        ZoneId zone = accounts.zone(me.practice());
        LocalDate today = LocalDate.ofInstant(Instant.now(clock), zone);
        model.addAttribute("certificate", certificate);
        model.addAttribute("asked", Dates.moment(certificate.askedAt(), zone, today));
        model.addAttribute("done", certificate.doneAt() == null ? "" : Dates.moment(certificate.doneAt(), zone, today));
        return "erasure/certificate";
    }
}

package cahier.app.book;

import cahier.app.account.AccountService;
import cahier.app.household.FactKind;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.language.Language;
import cahier.app.scope.TrainerUser;
import cahier.app.web.Check;
import java.util.Arrays;
import java.util.Optional;
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

/** Opens a household's book, and makes and edits households. */
@Controller
class BookController {

    private final Households households;
    private final AccountService accounts;
    private final BookPage page;

    BookController(Households households, AccountService accounts, BookPage page) {
        this.households = households;
        this.accounts = accounts;
        this.page = page;
    }

    record HouseholdForm(int version, @Nullable String name, @Nullable String home, @Nullable String zone, @Nullable String cautions, @Nullable String emergency, @Nullable String emergencyPhone,
                         @Nullable String language) {

        Household read(Check check, TrainerUser me, long id, String country) {
            String own = check.language("language", language);
            return new Household(id, me.practice(), check.text("name", name, 80), check.optional("home", home, 80),
                    check.zone("zone", zone).getId(), check.optional("cautions", cautions, 400), check.optional("emergency", emergency, 400),
                    check.phone("emergencyPhone", emergencyPhone, country), null, null, own, own == null ? Language.BRITISH.tag() : own, version);
        }
    }

    @GetMapping("/households/{id}")
    String open(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestParam Optional<String> facts,
                @RequestParam(required = false) @Nullable Long edit, Model model) {
        Optional<FactKind> leaf = facts.flatMap(f -> Arrays.stream(FactKind.values()).filter(k -> k.path().equals(f)).findFirst());
        return leaf.isPresent() ? page.show(me.practice(), id, leaf.get(), edit, model) : page.show(me.practice(), id, model);
    }

    @GetMapping("/households/new")
    String blank(@AuthenticationPrincipal TrainerUser me, Model model) {
        model.addAttribute("form", new HouseholdForm(0, "", "", accounts.zone(me.practice()).getId(), "", "", "", ""));
        return "book/household-form";
    }

    @PostMapping("/households")
    String add(@AuthenticationPrincipal TrainerUser me, @ModelAttribute("form") HouseholdForm form, BindingResult result) {
        Household wanted = form.read(new Check(result), me, 0, accounts.settings(me.practice()).country());
        if (result.hasErrors()) {
            return "book/household-form";
        }
        return "redirect:/households/" + households.add(wanted.of(me)) + "?facts=people";
    }

    @GetMapping("/households/{id}/edit")
    String edit(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, Model model) {
        Household h = households.get(me.practice(), id);
        model.addAttribute("household", h);
        model.addAttribute("form", new HouseholdForm(h.version(), h.name(), h.home(), h.zoneId(), h.cautions(), h.emergency(), h.emergencyPhoneShown(), h.ownLanguage()));
        return "book/household-form";
    }

    @PostMapping("/households/{id}")
    String save(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @ModelAttribute("form") HouseholdForm form,
                BindingResult result, Model model) {
        Household edited = form.read(new Check(result), me, id, accounts.settings(me.practice()).country());
        if (result.hasErrors()) {
            model.addAttribute("household", households.get(me.practice(), id));
            return "book/household-form";
        }
        households.save(edited);
        return "redirect:/households/" + id;
    }
}

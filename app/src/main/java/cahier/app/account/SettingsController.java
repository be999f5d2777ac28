package cahier.app.account;

import cahier.app.account.AccountService.PracticeSettings;
import cahier.app.account.AccountService.Trainer;
import cahier.app.web.Check;
import cahier.app.web.Phones;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The trainer's own telephone number and what the practice has chosen. */
@Controller
class SettingsController {

    private final AccountService accounts;

    SettingsController(AccountService accounts) {
        this.accounts = accounts;
    }

    record SettingsForm(@Nullable String phone, @Nullable String country, @Nullable String questionsByMail) {
    }

    @GetMapping("/settings")
    String show(@AuthenticationPrincipal TrainerUser me, Model model) {
        PracticeSettings settings = accounts.settings(me.practice());
        String phone = accounts.trainers(me.practice()).stream().filter(t -> t.id() == me.id()).map(Trainer::phoneShown).findFirst().orElse("");
        model.addAttribute("form", new SettingsForm(phone, settings.country(), settings.questionsByMail() ? "on" : null));
        return "account/settings";
    }

    @PostMapping("/settings")
    String keep(@AuthenticationPrincipal TrainerUser me, @ModelAttribute("form") SettingsForm form, BindingResult result, RedirectAttributes flash) {
        Check check = new Check(result);
        String country = check.optional("country", form.country(), 2).toUpperCase(Locale.ROOT);
        if (!country.isEmpty() && !Phones.isCountry(country)) {
            check.refuse("country", "must be the two letters of a country such as GB, was “" + form.country() + "”");
            country = "";
        }
        String phone = check.phone("phone", form.phone(), country);
        if (result.hasErrors()) {
            return "account/settings";
        }
        accounts.keep(me, new PracticeSettings(country, form.questionsByMail() != null), phone);
        flash.addFlashAttribute("said", "Saved.");
        return "redirect:/settings";
    }
}

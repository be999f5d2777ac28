package cahier.app.password;

import cahier.app.account.Credentials;
import cahier.app.brake.Brake;
import cahier.app.brake.Brakes;
import cahier.app.brake.TooMuch;
import cahier.app.language.Words;
import cahier.app.web.Check;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** A lost password: the answer is the same whether a trainer has the address or not. */
@Controller
class LostPasswordController {

    private final LostPasswords lost;
    private final Credentials credentials;
    private final Brakes brakes;
    private final Clock clock;

    LostPasswordController(LostPasswords lost, Credentials credentials, Brakes brakes, Clock clock) {
        this.lost = lost;
        this.credentials = credentials;
        this.brakes = brakes;
        this.clock = clock;
    }

    record LostForm(@Nullable String email) {
    }

    record NewForm(@Nullable String fresh) {
    }

    @GetMapping("/lost-password")
    String ask(Model model) {
        model.addAttribute("form", new LostForm(""));
        return "account/lost-password";
    }

    @PostMapping("/lost-password")
    String send(@ModelAttribute("form") LostForm form, BindingResult result, HttpServletRequest request, Model model) {
        Check check = new Check(result);
        String email = check.email("email", check.text("email", form.email(), 254));
        Optional<Duration> wait = result.hasErrors() ? Optional.empty()
                : brakes.take(Brake.LOST_PASSWORD_FROM, request.getRemoteAddr()).or(() -> brakes.take(Brake.LOST_PASSWORD, email.toLowerCase(Locale.ROOT)));
        wait.ifPresent(w -> check.refuse("email", Words.say("password.LostPasswordController.was-asked-for-too-often", TooMuch.words(w))));
        if (!result.hasErrors()) {
            lost.send(email, Instant.now(clock));
            model.addAttribute("sent", true);
        }
        return "account/lost-password";
    }

    @GetMapping("/new-password/{word}")
    String form(@PathVariable String word, Model model) {
        model.addAttribute("form", new NewForm(""));
        return page(word, model);
    }

    private String page(String word, Model model) {
        model.addAttribute("word", word);
        model.addAttribute("opened", credentials.opened(word, Instant.now(clock)).isPresent());
        return "account/new-password";
    }

    @PostMapping("/new-password/{word}")
    String keep(@PathVariable String word, @ModelAttribute("form") NewForm form, BindingResult result, Model model) {
        Check check = new Check(result);
        String fresh = check.password("fresh", form.fresh());
        if (result.hasErrors() || !credentials.reset(word, fresh, Instant.now(clock))) {
            return page(word, model);
        }
        return "redirect:/login?changed";
    }
}

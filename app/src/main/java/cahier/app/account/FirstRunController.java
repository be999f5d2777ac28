package cahier.app.account;

import cahier.app.brake.Brake;
import cahier.app.brake.Brakes;
import cahier.app.brake.TooMuch;
import cahier.app.language.Words;
import cahier.app.web.Check;
import cahier.app.web.NotFound;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.time.ZoneId;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;

/** An empty installation opens here: makes the practice and its first trainer, once. */
@Controller
class FirstRunController {

    private final AccountService accounts;
    private final FirstRunToken token;
    private final Brakes brakes;

    FirstRunController(AccountService accounts, FirstRunToken token, Brakes brakes) {
        this.brakes = brakes;
        this.accounts = accounts;
        this.token = token;
    }

    record FirstRunForm(@Nullable String token, @Nullable String practice, @Nullable String zone, @Nullable String name,
                        @Nullable String email, @Nullable String password) {
    }

    @GetMapping("/first-run")
    String form(Model model) {
        refuseWhenInstalled();
        model.addAttribute("form", new FirstRunForm("", "", ZoneId.systemDefault().getId(), "", "", ""));
        return "account/first-run";
    }

    @PostMapping("/first-run")
    String make(@ModelAttribute("form") FirstRunForm form, BindingResult result, HttpServletRequest request) {
        refuseWhenInstalled();
        Check check = new Check(result);
        Optional<Duration> wait = brakes.take(Brake.FIRST_RUN, request.getRemoteAddr());
        if (wait.isPresent()) {
            check.refuse("token", Words.say("account.FirstRunController.was-tried-too-often-try", TooMuch.words(wait.get())));
        } else if (form.token() == null || !token.matches(form.token())) {
            check.refuse("token", Words.say("account.FirstRunController.must-be-the-token-printed"));
        }
        AccountService.NewPractice wanted = new AccountService.NewPractice(
                check.text("practice", form.practice(), 80), check.zone("zone", form.zone()), check.text("name", form.name(), 80),
                check.email("email", check.text("email", form.email(), 120)), check.password("password", form.password()));
        if (result.hasErrors()) {
            return "account/first-run";
        }
        try {
            accounts.install(wanted);
        } catch (IllegalStateException | DataAccessException e) {
            throw new NotFound("the first practice has been made already");
        }
        return "redirect:/login?made";
    }

    private void refuseWhenInstalled() {
        if (accounts.isInstalled()) {
            throw new NotFound("the first practice has been made already");
        }
    }
}

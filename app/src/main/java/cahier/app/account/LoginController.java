package cahier.app.account;

import cahier.app.brake.TooMuch;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.util.regex.Pattern;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** The sign-in page; the sign-in itself is Spring Security's. */
@Controller
class LoginController {

    private static final Pattern SECONDS = Pattern.compile("\\d{1,6}");

    private final AccountService accounts;

    LoginController(AccountService accounts) {
        this.accounts = accounts;
    }

    @GetMapping("/login")
    String login(HttpServletRequest request, Model model) {
        if (!accounts.isInstalled()) {
            return "redirect:/first-run";
        }
        model.addAttribute("failed", request.getParameter("error") != null);
        String wait = request.getParameter("wait");
        if (wait != null && SECONDS.matcher(wait).matches()) {
            model.addAttribute("wait", TooMuch.words(Duration.ofSeconds(Long.parseLong(wait))));
        }
        return "account/login";
    }
}

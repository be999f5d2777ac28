package cahier.app.account;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** The sign-in page; the sign-in itself is Spring Security's. */
@Controller
class LoginController {

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
        return "account/login";
    }
}

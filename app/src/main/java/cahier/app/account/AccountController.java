package cahier.app.account;

import cahier.app.audit.AuditLog;
import cahier.app.brake.Brake;
import cahier.app.brake.Brakes;
import cahier.app.brake.TooMuch;
import cahier.app.language.Words;
import cahier.app.scope.TrainerUser;
import cahier.app.web.Check;
import cahier.app.web.Dates;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Locale;
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
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The trainer's own account: the password, and where they are signed in. */
@Controller
class AccountController {

    private final AccountService accounts;
    private final Credentials credentials;
    private final SignIns signIns;
    private final AuditLog audit;
    private final Brakes brakes;
    private final SecondFactors factors;
    private final Clock clock;

    AccountController(AccountService accounts, Credentials credentials, SignIns signIns, AuditLog audit, Brakes brakes, SecondFactors factors, Clock clock) {
        this.factors = factors;
        this.accounts = accounts;
        this.credentials = credentials;
        this.signIns = signIns;
        this.audit = audit;
        this.brakes = brakes;
        this.clock = clock;
    }

    record PasswordForm(@Nullable String old, @Nullable String fresh) {
    }

    /** A sign-in as the page says it. */
    record Line(SignIns.SignIn signIn, String since, String lastUsed) {
    }

    /** What was done, as the page says it. */
    record Done(AuditLog.Entry entry, String when) {
    }

    @GetMapping("/account")
    String show(@AuthenticationPrincipal TrainerUser me, @RequestParam(defaultValue = "1") int page, HttpServletRequest request, Model model) {
        model.addAttribute("form", new PasswordForm("", ""));
        return page(me, page, request, model);
    }

    private String page(TrainerUser me, int page, HttpServletRequest request, Model model) {
        ZoneId zone = accounts.zone(me.practice());
        LocalDate today = LocalDate.ofInstant(Instant.now(clock), zone);
        model.addAttribute("email", me.email());
        model.addAttribute("factor", factors.of(me));
        model.addAttribute("factorSince", factors.of(me).since().map(at -> Dates.moment(at, zone, today)).orElse(""));
        model.addAttribute("signIns", signIns.of(me, session(request)).stream().map(s -> new Line(s, Dates.moment(s.since(), zone, today), Dates.moment(s.lastUsed(), zone, today))).toList());
        model.addAttribute("entries", audit.page(me.practice(), page).map(e -> new Done(e, Dates.moment(e.at(), zone, today))));
        return "account/account";
    }

    private static String session(HttpServletRequest request) {
        return request.getSession().getId();
    }

    @PostMapping("/account/password")
    String change(@AuthenticationPrincipal TrainerUser me, @ModelAttribute("form") PasswordForm form, BindingResult result, HttpServletRequest request, Model model, RedirectAttributes flash) {
        Check check = new Check(result);
        String fresh = check.password("fresh", form.fresh());
        String account = me.email().toLowerCase(Locale.ROOT);
        Optional<Duration> wait = brakes.take(Brake.SIGN_IN, account);
        if (wait.isPresent()) {
            check.refuse("old", Words.say("account.AccountController.was-wrong-too-often-try", TooMuch.words(wait.get())));
        } else if (credentials.knows(me, form.old() == null ? "" : form.old())) {
            brakes.giveBack(Brake.SIGN_IN, account);
        } else {
            check.refuse("old", Words.say("account.AccountController.is-not-your-password"));
        }
        if (result.hasErrors()) {
            return page(me, 1, request, model);
        }
        credentials.change(me, fresh, session(request), Instant.now(clock));
        flash.addFlashAttribute("said", Words.say("account.AccountController.your-password-is-changed-every"));
        return "redirect:/account";
    }

    @PostMapping("/account/sign-ins/{handle}/end")
    String end(@AuthenticationPrincipal TrainerUser me, @PathVariable String handle, RedirectAttributes flash) {
        signIns.end(me, handle);
        flash.addFlashAttribute("said", Words.say("account.AccountController.that-sign-in-has-ended"));
        return "redirect:/account";
    }

    @PostMapping("/account/sign-ins/end-others")
    String endOthers(@AuthenticationPrincipal TrainerUser me, HttpServletRequest request, RedirectAttributes flash) {
        signIns.endOthers(me, session(request));
        flash.addFlashAttribute("said", Words.say("account.AccountController.you-are-signed-in-here"));
        return "redirect:/account";
    }
}

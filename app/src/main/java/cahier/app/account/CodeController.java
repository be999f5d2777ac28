package cahier.app.account;

import cahier.app.brake.Brake;
import cahier.app.brake.Brakes;
import cahier.app.brake.TooMuch;
import cahier.app.language.Words;
import cahier.app.scope.PracticeScope;
import cahier.app.scope.TrainerUser;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.web.savedrequest.CookieRequestCache;
import org.springframework.security.web.savedrequest.SavedRequest;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** After the password, the code. */
@Controller
class CodeController {

    private static final Logger LOG = LoggerFactory.getLogger(CodeController.class);

    private final SecondFactors factors;
    private final Credentials credentials;
    private final SignIns signIns;
    private final Brakes brakes;
    private final Clock clock;
    private final CookieRequestCache asked = new CookieRequestCache();

    CodeController(SecondFactors factors, Credentials credentials, SignIns signIns, Brakes brakes, Clock clock) {
        this.factors = factors;
        this.credentials = credentials;
        this.signIns = signIns;
        this.brakes = brakes;
        this.clock = clock;
    }

    @GetMapping(HalfSignedIn.PAGE)
    String ask(@AuthenticationPrincipal(errorOnInvalidType = false) @Nullable HalfSignedIn half) {
        return half == null || half.isOver(Instant.now(clock)) ? "redirect:" + SignInBrake.PAGE : "account/code";
    }

    @PostMapping(HalfSignedIn.PAGE)
    String check(@AuthenticationPrincipal(errorOnInvalidType = false) @Nullable HalfSignedIn half, @RequestParam(defaultValue = "") String code, HttpServletRequest request,
                 HttpServletResponse response, Model model) {
        Instant now = Instant.now(clock);
        if (half == null || half.isOver(now)) {
            return "redirect:" + SignInBrake.PAGE;
        }
        TrainerUser me = half.trainer();
        String account = me.email().toLowerCase(Locale.ROOT);
        Optional<Duration> wait = brakes.take(Brake.SIGN_IN_CODE, account);
        if (wait.isPresent()) {
            model.addAttribute("refused", Words.say("account.CodeController.it-was-wrong-too-often", TooMuch.words(wait.get())));
            return "account/code";
        }
        if (!PracticeScope.within(me.practice(), () -> factors.check(me, code, now))) {
            LOG.info("a code from {} was not right", request.getRemoteAddr());
            model.addAttribute("refused", Words.say("account.CodeController.that-is-not-the-code"));
            return "account/code";
        }
        brakes.giveBack(Brake.SIGN_IN_CODE, account);
        request.changeSessionId();
        credentials.cameIn(me, SignIns.name(request), now);
        signIns.keep(UsernamePasswordAuthenticationToken.authenticated(me, null, me.getAuthorities()), request, response);
        SavedRequest before = asked.getRequest(request, response);
        return "redirect:" + (before == null ? "/" : before.getRedirectUrl());
    }
}

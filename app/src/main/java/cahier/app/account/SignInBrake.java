package cahier.app.account;

import cahier.app.brake.Brake;
import cahier.app.brake.Brakes;
import cahier.app.brake.TooMuch;
import cahier.app.scope.PracticeScope;
import cahier.app.scope.TrainerUser;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.web.authentication.AuthenticationFailureHandler;
import org.springframework.security.web.authentication.SavedRequestAwareAuthenticationSuccessHandler;
import org.springframework.security.web.savedrequest.RequestCache;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.UrlPathHelper;

/**
 * Passwords are tried a few at a time, by account and by address of the network. Each is counted before it is looked at, so that many at
 * once are counted too; the right one is given back.
 */
@Component
class SignInBrake implements AuthenticationFailureHandler {

    static final String PAGE = "/login";
    private static final UrlPathHelper PATHS = UrlPathHelper.defaultInstance;
    private static final Logger LOG = LoggerFactory.getLogger(SignInBrake.class);

    private final Brakes brakes;
    private final Credentials credentials;
    private final SecondFactors factors;
    private final SignIns signIns;
    private final Clock clock;

    SignInBrake(Brakes brakes, Credentials credentials, SecondFactors factors, SignIns signIns, Clock clock) {
        this.factors = factors;
        this.signIns = signIns;
        this.credentials = credentials;
        this.clock = clock;
        this.brakes = brakes;
    }

    private static String account(HttpServletRequest request) {
        String typed = request.getParameter("username");
        return typed == null ? "" : typed.strip().toLowerCase(Locale.ROOT);
    }

    /** Stands before the filter that looks at passwords; made here, so that it is in no other chain. */
    OncePerRequestFilter filter() {
        return new OncePerRequestFilter() {
            @Override
            protected boolean shouldNotFilter(HttpServletRequest request) {
                return !request.getMethod().equals("POST") || !PAGE.equals(PATHS.getPathWithinApplication(request)); // decoded, as the filter behind it reads it
            }

            @Override
            protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain) throws ServletException, IOException {
                Optional<Duration> wait = brakes.take(Brake.SIGN_IN_FROM, request.getRemoteAddr()).or(() -> brakes.take(Brake.SIGN_IN, account(request)));
                if (wait.isEmpty()) {
                    chain.doFilter(request, response);
                    return;
                }
                TooMuch much = new TooMuch(wait.get());
                LOG.warn("too many wrong passwords from {}: none is looked at for {} s", request.getRemoteAddr(), much.seconds());
                response.setHeader(HttpHeaders.RETRY_AFTER, Long.toString(much.seconds()));
                response.sendRedirect(request.getContextPath() + PAGE + "?wait=" + much.seconds());
            }
        };
    }

    /** On to the page that was asked for, or the desk. */
    SavedRequestAwareAuthenticationSuccessHandler succeeded(RequestCache asked) {
        SavedRequestAwareAuthenticationSuccessHandler succeeded = new SavedRequestAwareAuthenticationSuccessHandler() {
            @Override
            public void onAuthenticationSuccess(HttpServletRequest request, HttpServletResponse response, Authentication who) throws ServletException, IOException {
                brakes.giveBack(Brake.SIGN_IN_FROM, request.getRemoteAddr());
                brakes.giveBack(Brake.SIGN_IN, account(request));
                if (who.getPrincipal() instanceof TrainerUser trainer && PracticeScope.within(trainer.practice(), () -> factors.of(trainer)).isOn()) {
                    signIns.keep(new HalfSignedIn(trainer, Instant.now(clock)).asAuthentication(), request, response);
                    response.sendRedirect(request.getContextPath() + HalfSignedIn.PAGE);
                    return;
                }
                if (who.getPrincipal() instanceof TrainerUser trainer) {
                    credentials.cameIn(trainer, SignIns.name(request), Instant.now(clock));
                }
                super.onAuthenticationSuccess(request, response, who);
            }
        };
        succeeded.setRequestCache(asked);
        return succeeded;
    }

    @Override
    public void onAuthenticationFailure(HttpServletRequest request, HttpServletResponse response, AuthenticationException e) throws IOException {
        LOG.info("a sign-in from {} did not go", request.getRemoteAddr());
        response.sendRedirect(request.getContextPath() + PAGE + "?error");
    }
}

package cahier.app.account;

import cahier.app.language.Words;
import cahier.app.scope.TrainerUser;
import jakarta.servlet.http.HttpServletResponse;
import java.io.Serializable;
import java.security.Principal;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.access.AccessDeniedHandler;

/** Somebody who gave the right password and still owes the code: may see no page but the one that asks for it. */
record HalfSignedIn(TrainerUser trainer, Instant since) implements Principal, Serializable {

    static final String PAGE = "/login/code";
    private static final Duration GOOD_FOR = Duration.ofMinutes(10);

    /** Another name than the trainer's: it is none of the sign-ins that are listed. */
    @Override
    public String getName() {
        return Words.say("account.HalfSignedIn.half", trainer.id());
    }

    boolean isOver(Instant now) {
        return now.isAfter(since.plus(GOOD_FOR));
    }

    Authentication asAuthentication() {
        return UsernamePasswordAuthenticationToken.authenticated(this, null, List.of());
    }

    /** Any other page leads to the code; who is signed in and still may not is refused as ever. */
    static AccessDeniedHandler onlyTheCode() {
        return (request, response, denied) -> {
            Authentication who = SecurityContextHolder.getContext().getAuthentication();
            if (who != null && who.getPrincipal() instanceof HalfSignedIn) {
                response.sendRedirect(request.getContextPath() + PAGE);
            } else {
                response.sendError(HttpServletResponse.SC_FORBIDDEN);
            }
        };
    }
}

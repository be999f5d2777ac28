package cahier.app.history;

import cahier.app.household.Addressed;
import cahier.app.scope.TrainerUser;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Instant;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Lazy;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** The one place that notes which pages of a household a trainer opened. */
@Component
class LookKeeper implements HandlerInterceptor, WebMvcConfigurer {

    /** Nobody looks: a page that is open asks every few seconds. */
    private static final Pattern ASKED_BY_A_PAGE = Pattern.compile("/lessons/\\d+/hour/state");

    private final WhoLooked looks;
    private final Clock clock;

    LookKeeper(@Lazy WhoLooked looks, Clock clock) {
        this.looks = looks;
        this.clock = clock;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public void afterCompletion(HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception failed) {
        if (failed == null && response.getStatus() == HttpStatus.OK.value() && request.getMethod().equals("GET") && !ASKED_BY_A_PAGE.matcher(request.getRequestURI()).matches()
                && request.getUserPrincipal() instanceof Authentication signedIn && signedIn.getPrincipal() instanceof TrainerUser me) {
            Addressed.of(request).ifPresent(address -> looks.saw(me.practice(), address, me.signature(), Instant.now(clock)));
        }
    }
}

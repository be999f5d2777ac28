package cahier.app.closing;

import cahier.app.household.Addressed;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.scope.TrainerUser;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Set;
import org.springframework.context.annotation.Lazy;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.stereotype.Component;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** The one place that keeps a closed household as it is: what is posted about it is refused, but for opening, copying and erasing it, and for an alarm that is read and answered. */
@Component
@ControllerAdvice(annotations = Controller.class)
class ClosedGuard implements HandlerInterceptor, WebMvcConfigurer {

    private static final Set<String> FREE = Set.of("/households/{household}/reopen", "/households/{household}/close", "/households/{household}/export", "/households/{household}/erase",
            "/alarms/{id}/opened", "/alarms/{id}/answer");

    private final Households households;

    ClosedGuard(@Lazy Households households) {
        this.households = households;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        if (request.getMethod().equals("POST") && request.getUserPrincipal() instanceof Authentication signedIn && signedIn.getPrincipal() instanceof TrainerUser me
                && !FREE.contains(String.valueOf(request.getAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE)))) {
            Addressed.of(request).flatMap(address -> households.ofAddress(me.practice(), address)).ifPresent(id -> refuseIfClosed(households.get(me.practice(), id)));
        }
        return true;
    }

    private static void refuseIfClosed(Household household) {
        if (household.isClosed()) {
            throw new ClosedHousehold(household.id());
        }
    }

    /** What was typed still stands in the page it came from. */
    @ExceptionHandler(ClosedHousehold.class)
    @ResponseStatus(HttpStatus.CONFLICT)
    String closed(ClosedHousehold refused, Model model) {
        model.addAttribute("household", refused.household());
        return "closing/refused";
    }
}

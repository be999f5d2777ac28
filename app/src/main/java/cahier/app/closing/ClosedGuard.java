package cahier.app.closing;

import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.scope.TrainerUser;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import java.util.Map;
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

/** The one place that keeps a closed household as it is: what is posted to its address is refused, but for opening it again, copying and erasing it. */
@Component
@ControllerAdvice(annotations = Controller.class)
class ClosedGuard implements HandlerInterceptor, WebMvcConfigurer {

    private static final Set<String> FREE = Set.of("/reopen", "/close", "/export", "/erase");

    private final Households households;

    ClosedGuard(@Lazy Households households) {
        this.households = households;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/households/**");
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        Principal who = request.getUserPrincipal();
        if (request.getMethod().equals("POST") && who instanceof Authentication signedIn && signedIn.getPrincipal() instanceof TrainerUser me
                && request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE) instanceof Map<?, ?> parts && FREE.stream().noneMatch(request.getRequestURI()::endsWith)) {
            Object number = parts.containsKey("household") ? parts.get("household") : parts.get("id");
            if (number instanceof String id && id.matches("\\d{1,18}")) {
                refuseIfClosed(households.get(me.practice(), Long.parseLong(id)));
            }
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

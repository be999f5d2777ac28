package cahier.app.pages;

import cahier.app.household.AboutHousehold;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.scope.TrainerUser;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.Authentication;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Which sections of a household's book its dogs need; the others stand behind one tab until they are asked for. Looked up when the controller is done and its
 * look is still open: the page has asked for its household, so the answer lies there. A page that tells of no household shows them all.
 */
@Component
public class Tabs implements HandlerInterceptor, WebMvcConfigurer {

    private static final List<String> ALL = List.of("distances", "alone", "handling");

    private final Households households;

    Tabs(Households households) {
        this.households = households;
    }

    /** What something is about in one household. */
    public record Sections(Set<String> needed) {

        /** Those in sight, the open one among them. */
        public List<String> shown(String open) {
            return ALL.stream().filter(s -> needed.contains(s) || s.equals(open)).toList();
        }

        public List<String> behind(String open) {
            return ALL.stream().filter(s -> !shown(open).contains(s)).toList();
        }
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public void postHandle(HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable ModelAndView page) {
        if (page == null || !"GET".equals(request.getMethod()) || !(request.getUserPrincipal() instanceof Authentication who) || !(who.getPrincipal() instanceof TrainerUser me)) {
            return;
        }
        Optional<Household> household = page.getModel().values().stream().flatMap(Tabs::household).findFirst();
        page.addObject("sections", new Sections(household.map(h -> households.needs(me.practice(), h.id())).orElse(Set.copyOf(ALL))));
    }

    private static Stream<Household> household(@Nullable Object shown) {
        return shown instanceof Household h ? Stream.of(h) : shown instanceof AboutHousehold about ? Stream.of(about.household()) : Stream.empty();
    }
}

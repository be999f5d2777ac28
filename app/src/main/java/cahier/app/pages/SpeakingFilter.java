package cahier.app.pages;

import cahier.app.language.Language;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Collections;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Until it is known who reads, a page is in the language the browser asks for; what is known later stands on the page that says what went wrong, too. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 99)
class SpeakingFilter extends OncePerRequestFilter {

    private static final String SPOKEN = SpeakingFilter.class.getName();

    @Override
    protected boolean shouldNotFilterErrorDispatch() {
        return false;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain) throws ServletException, IOException {
        Language spoken = (Language) request.getAttribute(SPOKEN);
        Language.speak(spoken != null ? spoken : Language.accepted(Collections.list(request.getLocales())));
        try {
            chain.doFilter(request, response);
        } finally {
            request.setAttribute(SPOKEN, Language.current());
            Language.silence();
        }
    }
}

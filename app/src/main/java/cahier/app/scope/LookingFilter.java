package cahier.app.scope;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** A GET writes nothing: every transaction begun while one is answered is read only, and PostgreSQL refuses what would write. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 100)
class LookingFilter extends OncePerRequestFilter {

    private static final Set<String> LOOKS = Set.of("GET", "HEAD", "OPTIONS");
    private static final ThreadLocal<Boolean> LOOKING = ThreadLocal.withInitial(() -> false);

    static boolean isLooking() {
        return LOOKING.get();
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain) throws ServletException, IOException {
        LOOKING.set(LOOKS.contains(request.getMethod()));
        try {
            chain.doFilter(request, response);
        } finally {
            LOOKING.remove();
        }
    }
}

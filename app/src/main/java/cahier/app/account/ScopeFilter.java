package cahier.app.account;

import cahier.app.scope.PracticeScope;
import cahier.app.scope.TrainerUser;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** A signed-in trainer's request works for that trainer's practice. */
class ScopeFilter extends OncePerRequestFilter {

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        if (who == null || !(who.getPrincipal() instanceof TrainerUser trainer)) {
            chain.doFilter(request, response);
            return;
        }
        try (PracticeScope.Closing scope = PracticeScope.enter(trainer)) {
            chain.doFilter(request, response);
        }
    }
}

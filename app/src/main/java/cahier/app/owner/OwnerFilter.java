package cahier.app.owner;

import cahier.app.account.PracticeScope;
import cahier.app.sheet.OwnerLinks;
import cahier.app.web.NotFound;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Finds out whose link an address under /o carries; what follows works for that practice and that household. */
@Component
class OwnerFilter extends OncePerRequestFilter {

    static final String OWNER = "cahier.owner";
    private static final String PREFIX = "/o/";

    private final OwnerLinks links;

    OwnerFilter(OwnerLinks links) {
        this.links = links;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getRequestURI().startsWith(PREFIX);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String rest = request.getRequestURI().substring(PREFIX.length());
        String token = rest.contains("/") ? rest.substring(0, rest.indexOf('/')) : rest;
        OwnerLinks.Owner owner;
        try {
            owner = links.find(token);
        } catch (NotFound e) {
            response.sendError(HttpServletResponse.SC_NOT_FOUND);
            return;
        }
        request.setAttribute(OWNER, owner);
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setHeader("Cache-Control", "no-store");
        try (PracticeScope.Closing scope = PracticeScope.enter(owner.practice())) {
            chain.doFilter(request, response);
        }
    }
}

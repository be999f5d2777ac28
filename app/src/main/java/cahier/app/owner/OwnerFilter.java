package cahier.app.owner;

import cahier.app.brake.Brake;
import cahier.app.brake.Brakes;
import cahier.app.brake.TooMuch;
import cahier.app.language.Language;
import cahier.app.scope.PracticeScope;
import cahier.app.sheet.OwnerLinks;
import cahier.app.web.NotFound;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.UriUtils;

/** Finds out whose link an address under /o carries; what follows works for that practice and that household. */
@Component
class OwnerFilter extends OncePerRequestFilter {

    static final String OWNER = "cahier.owner";
    private static final String PREFIX = "/o/";

    private final OwnerLinks links;
    private final Brakes brakes;

    OwnerFilter(OwnerLinks links, Brakes brakes) {
        this.brakes = brakes;
        this.links = links;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getRequestURI().startsWith(PREFIX);
    }

    /** What a household sends, by its address; its reps are counted where they are read. */
    private static Brake kind(String path) {
        return switch (path) {
            case "/questions" -> Brake.QUESTIONS;
            case "/incidents" -> Brake.INCIDENTS;
            case "/alarms" -> Brake.ALARMS;
            case "/export" -> Brake.COPIES;
            default -> path.startsWith("/week/") || path.equals("/times") ? Brake.PLANS : Brake.LOGGED;
        };
    }

    /** In words, to a phone as it reads them. */
    private static void refuse(HttpServletRequest request, HttpServletResponse response, TooMuch much) throws IOException {
        response.setHeader(HttpHeaders.RETRY_AFTER, Long.toString(much.seconds()));
        if (request.getContentType() != null && request.getContentType().startsWith(MediaType.APPLICATION_JSON_VALUE)) {
            response.setStatus(HttpStatus.TOO_MANY_REQUESTS.value());
            response.setContentType(MediaType.APPLICATION_JSON_VALUE);
            response.getWriter().write("{\"error\":\"" + much.getMessage() + "\"}");
        } else {
            response.sendError(HttpStatus.TOO_MANY_REQUESTS.value());
        }
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
            Optional<Duration> wait = brakes.take(Brake.LINK, request.getRemoteAddr());
            if (wait.isPresent()) {
                refuse(request, response, new TooMuch(wait.get()));
            } else {
                response.setHeader("Cahier-Link", "gone"); // the phone clears what it kept of it
                response.sendError(HttpServletResponse.SC_NOT_FOUND);
            }
            return;
        }
        String path = UriUtils.decode(rest.substring(token.length()), StandardCharsets.UTF_8);
        boolean counted = request.getMethod().equals("POST") && !path.equals("/reps");
        Optional<Duration> wait = counted ? brakes.take(kind(path), owner.key()) : Optional.empty();
        if (wait.isPresent()) {
            refuse(request, response, new TooMuch(wait.get()));
            return;
        }
        Language.speak(owner.reads());
        request.setAttribute(OWNER, owner);
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setHeader("Cache-Control", "no-store");
        try (PracticeScope.Closing scope = PracticeScope.enter(owner.practice())) {
            chain.doFilter(request, response);
        }
    }
}

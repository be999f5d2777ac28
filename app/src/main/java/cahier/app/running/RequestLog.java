package cahier.app.running;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.Objects;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.HandlerMapping;

/**
 * A line for each request where {@code CAHIER_REQUEST_LOG=info} asks for it: what was asked, how it was answered and how long that took. The address stands as the application
 * knows it, {@code /o/{token}/reps}: what is in its place would let who reads the log in, or say whose it is.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class RequestLog extends OncePerRequestFilter {

    private static final Logger LOG = LoggerFactory.getLogger("cahier.request");
    /** Files, and what nobody answers. */
    private static final String OTHER = "-";

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !LOG.isInfoEnabled();
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain) throws ServletException, IOException {
        long began = System.nanoTime();
        try {
            chain.doFilter(request, response);
        } finally {
            String path = Objects.requireNonNullElse(request.getAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE), OTHER).toString();
            long ms = Duration.ofNanos(System.nanoTime() - began).toMillis();
            LOG.atInfo().addKeyValue("method", request.getMethod()).addKeyValue("path", path).addKeyValue("status", response.getStatus()).addKeyValue("ms", ms)
                    .log("{} {} {} {} ms", request.getMethod(), path, response.getStatus(), ms);
        }
    }
}

package cahier.app.running;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.web.filter.OncePerRequestFilter;

/** Health is for everybody, a balancer signs in nowhere and reads one word; figures are for who knows the token. */
@Configuration(proxyBeanMethods = false)
class Watched {

    static final String METRICS = "/metrics";

    @Bean
    @Order(0)
    SecurityFilterChain watching(HttpSecurity http, @Value("${cahier.metrics-token}") String token) throws Exception {
        return http.securityMatcher("/health", "/health/**", METRICS).authorizeHttpRequests(r -> r.anyRequest().permitAll())
                .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS)).csrf(AbstractHttpConfigurer::disable)
                .addFilterBefore(new Figures(token), AuthorizationFilter.class).build();
    }

    /** Without the token there are no figures, and nothing says that there could be. */
    private static final class Figures extends OncePerRequestFilter {

        private final String token;

        Figures(String token) {
            this.token = token;
        }

        @Override
        protected boolean shouldNotFilter(HttpServletRequest request) {
            return !request.getRequestURI().startsWith(METRICS);
        }

        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain) throws ServletException, IOException {
            String sent = request.getHeader(HttpHeaders.AUTHORIZATION);
            if (token.isEmpty() || sent == null || !MessageDigest.isEqual(sent.getBytes(StandardCharsets.UTF_8), ("Bearer " + token).getBytes(StandardCharsets.UTF_8))) {
                response.sendError(HttpServletResponse.SC_NOT_FOUND);
            } else {
                chain.doFilter(request, response);
            }
        }
    }
}

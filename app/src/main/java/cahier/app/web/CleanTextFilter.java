package cahier.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Whatever a form sends is cleaned before anybody reads it ({@link CleanText}): pasted text brings along what nobody sees. */
@Component
@Order(CleanTextFilter.BEFORE_SIGN_IN)
class CleanTextFilter extends OncePerRequestFilter {

    static final int BEFORE_SIGN_IN = -200;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain) throws ServletException, IOException {
        chain.doFilter(new Cleaned(request), response);
    }

    private static final class Cleaned extends HttpServletRequestWrapper {

        Cleaned(HttpServletRequest request) {
            super(request);
        }

        @Override
        public @Nullable String getParameter(String name) {
            String typed = super.getParameter(name);
            return typed == null ? null : CleanText.of(typed);
        }

        @Override
        public String @Nullable [] getParameterValues(String name) {
            String[] typed = super.getParameterValues(name);
            return typed == null ? null : clean(typed);
        }

        @Override
        public Map<String, String[]> getParameterMap() {
            return super.getParameterMap().entrySet().stream().collect(Collectors.toMap(Map.Entry::getKey, e -> clean(e.getValue()), (a, b) -> a, LinkedHashMap::new));
        }

        private static String[] clean(String[] typed) {
            return Arrays.stream(typed).map(CleanText::of).toArray(String[]::new);
        }
    }
}

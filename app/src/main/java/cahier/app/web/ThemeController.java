package cahier.app.web;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Day page or night page, kept in a cookie so that it also holds before sign-in. */
@Controller
class ThemeController {

    static final String COOKIE = "theme";

    static String known(@Nullable String theme) {
        return theme != null && (theme.equals("dark") || theme.equals("light")) ? theme : "";
    }

    @PostMapping("/theme")
    String choose(@RequestParam String theme, @RequestParam(defaultValue = "/") String back, HttpServletResponse response) {
        ResponseCookie cookie = ResponseCookie.from(COOKIE, known(theme)).path("/").maxAge(Duration.ofDays(3650))
                .sameSite("Lax").httpOnly(true).build();
        response.addHeader(HttpHeaders.SET_COOKIE, cookie.toString());
        return "redirect:" + Site.local(back);
    }
}

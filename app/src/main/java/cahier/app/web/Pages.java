package cahier.app.web;

import jakarta.servlet.http.HttpServletRequest;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.CookieValue;
import org.springframework.web.bind.annotation.ModelAttribute;

/** What every page's frame needs. */
@ControllerAdvice(annotations = Controller.class)
class Pages {

    private final boolean demo;

    Pages(@Value("${cahier.demo}") boolean demo) {
        this.demo = demo;
    }

    /** The person's choice of theme, or none yet: then the page follows the system. */
    @ModelAttribute("theme")
    String theme(@CookieValue(name = ThemeController.COOKIE, required = false) @Nullable String chosen) {
        return ThemeController.known(chosen);
    }

    @ModelAttribute("path")
    String path(HttpServletRequest request) {
        String query = request.getQueryString();
        return request.getRequestURI() + (query == null ? "" : "?" + query);
    }

    @ModelAttribute("demo")
    boolean demo() {
        return demo;
    }
}

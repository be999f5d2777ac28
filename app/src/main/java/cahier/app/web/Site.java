package cahier.app.web;

import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Where the application is reached, as the browser of this request sees it. */
public final class Site {

    private Site() {
    }

    /** "https://cahier.example", without a slash at the end. */
    public static String address() {
        return ServletUriComponentsBuilder.fromCurrentContextPath().build().toUriString();
    }
}

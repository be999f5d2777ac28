package cahier.app.web;

import java.util.regex.Pattern;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Where the application is reached, as the browser of this request sees it. */
public final class Site {

    /** An address within the application, and nothing that a redirect would fill in or lead elsewhere. */
    private static final Pattern LOCAL = Pattern.compile("/(?!/)[\\w\\-./?=&%+,:~@]*");

    private Site() {
    }

    /** The page somebody came from, when it is one of the application's; the desk otherwise. */
    static String local(String back) {
        return LOCAL.matcher(back).matches() ? back : "/";
    }

    /** "https://cahier.example", without a slash at the end. */
    public static String address() {
        return ServletUriComponentsBuilder.fromCurrentContextPath().build().toUriString();
    }
}

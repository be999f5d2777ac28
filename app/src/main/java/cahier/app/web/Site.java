package cahier.app.web;

import java.net.URI;
import java.util.regex.Pattern;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.servlet.context.ServletWebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Where the application is reached from outside, as the installation says it: what stands in mail, on sheets and in calendars never comes
 * from a request, whose sender could point owners elsewhere.
 */
@Component
public class Site {

    private static final Logger LOG = LoggerFactory.getLogger(Site.class);
    /** An address within the application, and nothing that a redirect would fill in or lead elsewhere. */
    private static final Pattern LOCAL = Pattern.compile("/(?!/)[\\w\\-./?=&%+,:~@#]*");

    private final String said;
    private volatile int port;

    /** @param said "https://cahier.example", or empty on a machine that only serves itself */
    Site(@Value("${cahier.public-url}") String said) {
        this.said = said.isEmpty() ? "" : checked(said.strip().replaceAll("/+$", ""));
    }

    private static String checked(String url) {
        try {
            URI uri = URI.create(url);
            if (uri.getHost() != null && ("https".equals(uri.getScheme()) || "http".equals(uri.getScheme())) && uri.getRawPath().isEmpty() && uri.getRawQuery() == null && uri.getRawUserInfo() == null
                    && uri.getRawFragment() == null) {
                return url;
            }
        } catch (IllegalArgumentException e) {
            // said below
        }
        throw new IllegalArgumentException("CAHIER_PUBLIC_URL must be an address such as https://cahier.example, without a path, was “" + url + "”");
    }

    @EventListener
    void started(ServletWebServerInitializedEvent event) {
        port = event.getWebServer().getPort();
    }

    @EventListener(ApplicationReadyEvent.class)
    void ready() {
        if (said.isEmpty()) {
            LOG.info("CAHIER_PUBLIC_URL is not set: links in mail and on sheets lead to {}, which only this machine can open", address());
        }
    }

    /** "https://cahier.example", without a slash at the end. */
    public String address() {
        return said.isEmpty() ? "http://127.0.0.1:" + port : said;
    }

    /** The page somebody came from, when it is one of the application's; the desk otherwise. */
    static String local(String back) {
        return LOCAL.matcher(back).matches() ? back : "/";
    }
}

package cahier.app.support;

import org.junit.jupiter.api.Assumptions;

/**
 * {@code ./cahier test --quick} leaves out what drives a browser or kills the application: it is skipped and counted as such;
 * what walks every page is left out too, and what walks many made-up lives or ages walks fewer.
 */
public final class Quick {

    private Quick() {
    }

    public static void skip() {
        Assumptions.assumeFalse(isOn(), "left out by --quick");
    }

    public static boolean isOn() {
        return Boolean.getBoolean("cahier.quick");
    }
}

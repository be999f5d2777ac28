package cahier.app.support;

import org.junit.jupiter.api.Assumptions;

/** {@code ./cahier test --quick} leaves out what drives a browser or kills the application: it is skipped and counted as such. */
final class Quick {

    private Quick() {
    }

    static void skip() {
        Assumptions.assumeFalse(Boolean.getBoolean("cahier.quick"), "left out by --quick");
    }
}

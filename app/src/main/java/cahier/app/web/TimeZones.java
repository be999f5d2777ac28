package cahier.app.web;

import java.time.ZoneId;
import java.util.List;

/** Time zones to choose from, by the names people know them. */
public final class TimeZones {

    private static final List<String> ALL = ZoneId.getAvailableZoneIds().stream()
            .filter(z -> z.matches("(?:Africa|America|Antarctica|Arctic|Asia|Atlantic|Australia|Europe|Indian|Pacific)/.+")).sorted().toList();

    private TimeZones() {
    }

    /** "Europe/London" and the like, in order. */
    public static List<String> all() {
        return ALL;
    }
}

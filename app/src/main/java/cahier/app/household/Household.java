package cahier.app.household;

import cahier.app.account.PracticeId;
import java.time.ZoneId;

/**
 * Who lives together with the dogs.
 *
 * @param home in words, say "third-floor flat"
 * @param zoneId decides calendar days, see {@link #zone}
 * @param cautions shown on every page about the household
 */
public record Household(long id, PracticeId practiceId, String name, String home, String zoneId, String cautions, int version) {

    public ZoneId zone() {
        return ZoneId.of(zoneId);
    }
}

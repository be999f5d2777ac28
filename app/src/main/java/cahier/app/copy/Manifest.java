package cahier.app.copy;

import java.time.Instant;
import java.util.Map;

/**
 * What a copy says of itself, in {@code copy.json}.
 *
 * @param of household or practice
 * @param name of the household or the practice
 * @param tables how many rows of each table it holds
 */
record Manifest(String format, Of of, String name, Instant made, Map<String, Integer> tables) {

    static final String FORMAT = "cahier-copy-1";
    static final String ENTRY = "copy.json";

    enum Of {
        household, practice
    }

    static String entry(String table) {
        return "data/" + table + ".json";
    }
}

package cahier.app.log;

import org.jspecify.annotations.Nullable;

/**
 * What is known of a rep beside its outcome (docs/rules.md 1).
 *
 * @param value seconds it lasted, where the step is timed, 0 to {@link #LONGEST}; on a step that measures what it measures, in its own unit (docs/rules.md 39)
 * @param item what it was paid with, or the object worked on; empty when nobody said
 * @param helper who helped; empty for nobody
 * @param adultId the adult who was there when somebody under 16 practised
 * @param level the loudness or the zone it was measured at; empty for everything else
 */
public record Tags(@Nullable Double value, @Nullable Side side, String item, String helper, @Nullable Long adultId, String level) {

    public static final Tags NONE = new Tags(null, null, "", "", null, "");
    /** Of a rep that nothing was measured at. */
    public Tags(@Nullable Double value, @Nullable Side side, String item, String helper, @Nullable Long adultId) {
        this(value, side, item, helper, adultId, "");
    }

    /** Measured, and nothing else known. */
    public static Tags measured(double value, String level) {
        return new Tags(value, null, "", "", null, level);
    }

    /** Seconds. */
    public static final int LONGEST = 14_400;
}

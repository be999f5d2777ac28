package cahier.app.log;

import org.jspecify.annotations.Nullable;

/**
 * What is known of a rep beside its outcome (docs/rules.md 1).
 *
 * @param value seconds it lasted, where the step is measured; 0 to {@link #LONGEST}
 * @param item what it was paid with, or the object worked on; empty when nobody said
 * @param helper who helped; empty for nobody
 * @param adultId the adult who was there when somebody under 16 practised
 */
public record Tags(@Nullable Double value, @Nullable Side side, String item, String helper, @Nullable Long adultId) {

    public static final Tags NONE = new Tags(null, null, "", "", null);
    /** Seconds. */
    public static final int LONGEST = 14_400;
}

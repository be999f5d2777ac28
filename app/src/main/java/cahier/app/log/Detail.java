package cahier.app.log;

import cahier.core.rep.Aid;
import cahier.core.slip.Helped;
import cahier.core.slip.Slip;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What an owner adds to a rep after the tap.
 *
 * @param event where a chain broke, with {@link Slip#BROKE_AT}; empty otherwise
 * @param sign what was seen, with a rep that was too much
 * @param aid what helped, with a rep that was helped by more than the step allows
 * @param cues how often the cue was said, where it was said again, 2 to {@link #MOST_CUES}
 */
public record Detail(@Nullable Slip slip, String event, @Nullable Sign sign, @Nullable Aid aid, @Nullable Integer cues) {

    public static final int MOST_CUES = 9;

    /** Of a rep of which nobody said what helped. */
    public Detail(@Nullable Slip slip, String event, @Nullable Sign sign) {
        this(slip, event, sign, null, null);
    }

    /** What helped, as the rules read it. */
    public Optional<Helped.By> helped() {
        if (cues != null) {
            return Optional.of(Helped.By.SAYING_IT_AGAIN);
        }
        return Optional.ofNullable(aid).filter(a -> a != Aid.NONE).map(a -> new Helped.By(a, false));
    }
}

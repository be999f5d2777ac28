package cahier.app.log;

import cahier.core.rep.Aid;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What may have helped a rep that counts as helped, as an owner taps it.
 *
 * @param aid none where the cue was said again
 */
public record Help(@Nullable Aid aid, String words) {

    private static final List<Help> AIDS = List.of(new Help(Aid.FULL_LURE, "A lure"), new Help(Aid.HAND, "A hand"), new Help(Aid.POINT, "Pointing"));
    private static final Help AGAIN = new Help(null, "Said it again");

    /**
     * Nothing that the step allows.
     *
     * @param spoken whether the step says a word
     */
    public static List<Help> beyond(Aid allowed, boolean spoken) {
        List<Help> helps = new ArrayList<>(AIDS.stream().filter(h -> h.aid() != null && h.aid().compareTo(allowed) < 0).toList());
        if (spoken) {
            helps.add(AGAIN);
        }
        return helps;
    }
}

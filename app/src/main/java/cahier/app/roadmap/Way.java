package cahier.app.roadmap;

import cahier.app.track.Roadmap;
import cahier.app.track.Track;
import cahier.core.gate.RedFlag;
import java.util.List;

/**
 * One track in the roadmap of its household.
 *
 * @param waits every need of the track, met or not, in the order of its steps
 * @param shutBy red flags that shut it
 */
public record Way(Roadmap roadmap, State state, List<Wait> waits, List<Apart> apart, List<RedFlag> shutBy) {

    /** What can be done with it now, the first that holds. */
    public enum State {
        DONE, EMPTY, SHUT, PARKED, WAITS, OPEN;

        public String word() {
            return switch (this) {
                case DONE -> "done";
                case EMPTY -> "no step yet";
                case SHUT -> "shut";
                case PARKED -> "parked";
                case WAITS -> "waits";
                case OPEN -> "open";
            };
        }
    }

    public Track track() {
        return roadmap.track();
    }

    public boolean isOpen() {
        return state == State.OPEN;
    }

    /** What keeps the current step from being worked. */
    public List<Wait> unmet() {
        return waits.stream().filter(w -> !w.met() && w.number() <= Math.max(1, roadmap.number())).toList();
    }

    /** What will keep a later step from being worked. */
    public List<Wait> later() {
        return waits.stream().filter(w -> !w.met() && w.number() > Math.max(1, roadmap.number())).toList();
    }

    public List<Apart> apartStill() {
        return apart.stream().filter(Apart::still).toList();
    }

    /** Whether a dose of the current step can be asked for at all, on purpose if not by itself. */
    public boolean canBeIssued() {
        return roadmap.current().isPresent() && state != State.SHUT;
    }
}

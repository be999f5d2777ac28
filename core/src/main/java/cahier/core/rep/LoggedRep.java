package cahier.core.rep;

import java.util.Objects;
import java.util.UUID;

/**
 * A rep as it came from a phone, before it is sorted into sessions.
 *
 * @param sitting the phone's own id for one sitting
 * @param track which track of the dog
 * @param step which step of the track
 */
public record LoggedRep(Rep rep, UUID sitting, long track, long step, String person, String place) {

    public LoggedRep {
        Objects.requireNonNull(rep, "rep");
        Objects.requireNonNull(sitting, "sitting");
        Objects.requireNonNull(person, "person");
        Objects.requireNonNull(place, "place");
    }
}

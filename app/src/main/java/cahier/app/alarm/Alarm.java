package cahier.app.alarm;

import cahier.app.language.Words;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Something happened that a person must look at before anything is practised with this dog. It stands for good in the dog's history.
 *
 * @param what in the owner's words, may be empty
 * @param openedAt when a trainer read it; none before
 * @param answeredAt when the trainer had spoken with the household; none while it is open
 * @param answeredBy the trainer who spoke with them
 * @param spokenWith whom the trainer spoke with
 * @param answer what was found out and agreed
 */
public record Alarm(UUID id, long householdId, long dogId, String dogName, Kind kind, String what, Instant happenedAt, @Nullable Instant openedAt, @Nullable Instant answeredAt,
                    @Nullable String answeredBy, String spokenWith, String answer) {

    /** What happened. */
    public enum Kind {

        GROWLED, SNAPPED, BIT, PANICKED, HURT, ESCAPED;

        public String words() {
            return Words.say("alarm.Kind." + name());
        }
    }

    /** One that was just raised. */
    public static Alarm raised(UUID id, long household, long dog, String dogName, Kind kind, String what, Instant at) {
        return new Alarm(id, household, dog, dogName, kind, what, at, null, null, null, "", "");
    }

    public boolean isOpen() {
        return answeredAt == null;
    }

    /** "Bit, Pim. At the visitor's child." */
    public String words() {
        return kind.words() + ", " + dogName + "." + (what.isEmpty() ? "" : " " + what);
    }

    /** "Imre spoke with Dele: a gate in the hall from today on."; empty while it is open. */
    public String agreed() {
        return isOpen() ? "" : answeredBy + (spokenWith.isEmpty() ? Words.say("alarm.Alarm.spoke-with-them") : Words.say("alarm.Alarm.spoke-with", spokenWith)) + answer;
    }
}

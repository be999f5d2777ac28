package cahier.app.incident;

import cahier.app.language.Words;
import cahier.app.web.Measures;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Something that happened for real (docs/rules.md 1): on the timeline, never evidence.
 *
 * @param distanceM metres, if it was said
 * @param place its name now, empty when it was not said
 */
public record Incident(UUID id, long householdId, Kind kind, Went went, @Nullable Double distanceM, @Nullable Long placeId, String place, String words, Instant happenedAt) {

    /** What came. */
    public enum Kind {
        VISITOR, DOG, PERSON, RUNNER, CYCLE, NOISE, OTHER;

        public String words() {
            return Words.say("incident.Kind." + name());
        }
    }

    /** How it went. */
    public enum Went {
        CALM, SETTLED, TOO_MUCH;

        public String words() {
            return Words.say("incident.Went." + name());
        }
    }

    /** "A runner, park, 8 m (26 ft): too much. Came round the corner." */
    public String said() {
        List<String> where = new ArrayList<>(List.of(kind.words()));
        if (!place.isEmpty()) {
            where.add(place);
        }
        if (distanceM != null) {
            where.add(Measures.distance(distanceM));
        }
        return String.join(", ", where) + ": " + went.words().substring(0, 1).toLowerCase(Locale.ROOT) + went.words().substring(1) + "." + (words.isEmpty() ? "" : " " + words);
    }
}

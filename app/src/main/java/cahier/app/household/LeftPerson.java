package cahier.app.household;

import java.time.Instant;

/** Somebody who does not belong to the household any more; what they logged stays theirs. */
public record LeftPerson(long id, String name, Instant leftAt) {
}

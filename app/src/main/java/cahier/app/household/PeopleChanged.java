package cahier.app.household;

import cahier.app.scope.PracticeId;
import java.time.Instant;

/** Somebody left a household or is back: what is planned with them is looked at anew. */
public record PeopleChanged(PracticeId practice, long household, Instant at) {
}

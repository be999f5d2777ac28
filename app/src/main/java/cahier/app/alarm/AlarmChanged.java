package cahier.app.alarm;

import cahier.app.scope.PracticeId;
import java.time.Instant;

/** An alarm of a dog was raised or answered: what is suggested for its tracks hangs on it. */
public record AlarmChanged(PracticeId practice, long household, long dog, Instant at) {
}

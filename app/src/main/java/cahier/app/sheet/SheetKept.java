package cahier.app.sheet;

import cahier.app.scope.PracticeId;
import java.time.Instant;

/** A sheet took the place of the one before it; heard within the same transaction. */
public record SheetKept(PracticeId practice, Homework sheet, Instant at) {
}

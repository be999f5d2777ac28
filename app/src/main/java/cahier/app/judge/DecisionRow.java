package cahier.app.judge;

import cahier.core.decide.Cause;
import cahier.core.decide.Decision;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A decision as its table has it. */
record DecisionRow(long id, long householdId, long trackId, long stepId, long visitId, Instant madeAt, Decision suggested, Cause cause,
                   String suggestion, Decided.State state, @Nullable Decision answer, @Nullable Instant answeredAt,
                   @Nullable String answeredBy, String why, @Nullable Long newVisitId, int version) {

    Decided with(Grounds grounds) {
        return new Decided(id, householdId, trackId, stepId, visitId, madeAt, suggested, cause, grounds, state, answer, answeredAt,
                answeredBy, why, newVisitId, version);
    }
}

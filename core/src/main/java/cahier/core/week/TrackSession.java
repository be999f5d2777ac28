package cahier.core.week;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.entity.PlanningPin;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.domain.variable.PlanningVariable;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** One session of one track, which the solver gives an opening or leaves out. Mutable, as the solver wants it. */
@PlanningEntity
@SuppressWarnings("UnusedVariable") // the solver reads them
class TrackSession {

    @PlanningId
    private int id;
    private Dose dose;
    private boolean hardest;
    @Nullable
    private Opening before;
    @PlanningPin
    private boolean pinned;
    @ValueRangeProvider
    private List<Opening> openings = List.of();
    @Nullable
    @PlanningVariable(allowsUnassigned = true)
    private Opening opening;

    /** For the solver, which fills it. */
    @SuppressWarnings("NullAway.Init")
    TrackSession() {
    }

    TrackSession(int id, Dose dose) {
        this.id = id;
        this.dose = dose;
    }

    /** The same, as the one of its dog that is least sure. */
    TrackSession asHardest(boolean is) {
        this.hardest = is;
        return this;
    }

    /** The same, which the solver tries at these. */
    TrackSession among(List<Opening> possible) {
        this.openings = possible;
        return this;
    }

    /** The same, begun from where it was in the plan before. */
    TrackSession from(Opening was, boolean pin) {
        this.before = was;
        this.opening = was;
        this.pinned = pin;
        return this;
    }

    TrackSession at(Opening there) {
        this.opening = there;
        return this;
    }

    int id() {
        return id;
    }

    Dose dose() {
        return dose;
    }

    boolean isHardest() {
        return hardest;
    }

    boolean isPinned() {
        return pinned;
    }

    @Nullable Opening opening() {
        return opening;
    }

    boolean isPlanned() {
        return opening != null;
    }

    /** Where a stream has let only planned ones through. */
    Opening there() {
        if (opening == null) {
            throw new IllegalStateException("exercise " + id + " has no opening");
        }
        return opening;
    }

    int start() {
        return there().start();
    }

    int day() {
        return there().day();
    }

    long dogId() {
        return dose.dogId();
    }

    long trackId() {
        return dose.trackId();
    }

    int minutes() {
        return dose.minutes();
    }

    long personId() {
        return there().personId();
    }

    boolean isMoved() {
        return before != null && !before.equals(opening);
    }

    boolean isInBusyHours() {
        Span time = new Span(start(), start() + minutes());
        return dose.busy().stream().anyMatch(time::overlaps);
    }

    @Override
    public String toString() {
        return "track " + trackId() + (opening == null ? " left out" : " at " + opening.start() + " with " + opening.personId());
    }
}

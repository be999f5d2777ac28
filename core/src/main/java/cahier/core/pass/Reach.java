package cahier.core.pass;

import cahier.core.measure.Measure;
import cahier.core.rep.Rep;
import cahier.core.rep.Session;
import cahier.core.rep.Visit;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * REACH: a step that measures is passed where its measure ends (docs/rules.md 39). A distance or a noise by the last 5 reps, each at the goal or nearer;
 * the others by the last 2 sessions, each with the goal in it and no TOO_MUCH, a zone's with nothing but CLEAN there. Sessions that did not touch the zone are left out.
 */
public record Reach(Measure measured, Spread spread) implements PassRule {

    static final int REPS = 5;
    static final int SESSIONS = 2;

    public Reach {
        Objects.requireNonNull(measured, "measured");
        Objects.requireNonNull(spread, "spread");
    }

    @Override
    public Optional<Measure> measure() {
        return Optional.of(measured);
    }

    @Override
    public List<Missing> missing(Visit counted) {
        boolean near = measured.kind().isNearer();
        int more = near ? REPS - lastReps(counted.work()) : SESSIONS - lastSessions(counted);
        return more <= 0 ? List.of() : List.of(new Missing(near ? Missing.What.AT_THE_GOAL : Missing.What.SESSIONS_AT_THE_GOAL, more));
    }

    private int lastReps(List<Rep> work) {
        int held = 0;
        while (held < Math.min(REPS, work.size()) && measured.isReachedBy(work.get(work.size() - 1 - held))) {
            held++;
        }
        return held;
    }

    private int lastSessions(Visit counted) {
        List<Session> tried = counted.sessions().stream().filter(s -> s.work().stream().anyMatch(this::isAbout) || s.tooMuch() > 0).toList();
        int held = 0;
        while (held < Math.min(SESSIONS, tried.size()) && holds(tried.get(tried.size() - 1 - held))) {
            held++;
        }
        return held;
    }

    private boolean isAbout(Rep rep) {
        return measured.kind() != Measure.Kind.ZONE || rep.level().equals(measured.about());
    }

    private boolean holds(Session session) {
        boolean clean = measured.kind() != Measure.Kind.ZONE || session.work().stream().filter(this::isAbout).allMatch(Rep::isClean);
        return clean && session.tooMuch() == 0 && session.work().stream().anyMatch(measured::isReachedBy);
    }

    @Override
    public int least() {
        return measured.kind().isNearer() ? REPS : SESSIONS;
    }
}

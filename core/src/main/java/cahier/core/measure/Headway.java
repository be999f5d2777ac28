package cahier.core.measure;

import cahier.core.rep.Outcome;
import cahier.core.rep.Rep;
import cahier.core.rep.Session;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * When a step that measures last got further than ever before in its visit (docs/rules.md 39).
 *
 * @param times how often it did
 * @param day of the latest; empty when it never did
 * @param repsSince WORK reps since then, or since the visit began
 * @param helpedSince of those the HELPED ones
 */
public record Headway(int times, Optional<LocalDate> day, int repsSince, int helpedSince) {

    /** So many looks in a row come closer, and stand for a distance. */
    static final int IN_A_ROW = 5;
    private static final int CALM_SESSIONS = 2;
    private static final double SAME = 1e-9;

    /** Reads it from the sessions of a visit, oldest first. */
    public static Headway of(Measure measure, List<Session> sessions) {
        Best best = new Best(measure.kind());
        int times = 0;
        LocalDate day = null;
        int reps = 0;
        int helped = 0;
        for (Session session : sessions) {
            for (Rep rep : session.work()) {
                reps++;
                helped += rep.outcome() == Outcome.HELPED ? 1 : 0;
                if (best.beaten(rep)) {
                    times++;
                    day = session.day();
                    reps = 0;
                    helped = 0;
                }
            }
            if (best.beaten(session)) {
                times++;
                day = session.day();
                reps = 0;
                helped = 0;
            }
        }
        return new Headway(times, Optional.ofNullable(day), reps, helped);
    }

    /** The furthest so far. */
    private static final class Best {

        private final Measure.Kind kind;
        private final List<Rep> run = new ArrayList<>();
        private final Map<String, Integer> calm = new HashMap<>();
        private final Set<String> done = new HashSet<>();
        private double value = Double.NaN;
        private int loudness;

        Best(Measure.Kind kind) {
            this.kind = kind;
        }

        /** Whether this rep got further. */
        boolean beaten(Rep rep) {
            if (kind == Measure.Kind.ZONE) {
                return false;
            }
            return kind.isNearer() ? nearer(rep) : longer(rep);
        }

        private boolean longer(Rep rep) {
            if (!rep.isClean() || rep.value().isEmpty() || rep.value().getAsDouble() <= value) {
                return false;
            }
            value = rep.value().getAsDouble();
            return true;
        }

        /** Five in a row, as near as the farthest of them; louder counts before nearer. */
        private boolean nearer(Rep rep) {
            if (!rep.isClean() || rep.value().isEmpty() || !run.isEmpty() && !run.get(0).level().equals(rep.level())) {
                run.clear();
            }
            if (!rep.isClean() || rep.value().isEmpty()) {
                return false;
            }
            run.add(rep);
            if (run.size() < IN_A_ROW) {
                return false;
            }
            double farthest = run.subList(run.size() - IN_A_ROW, run.size()).stream().mapToDouble(r -> r.value().getAsDouble()).max().orElseThrow();
            int loud = kind == Measure.Kind.NOISE && !rep.level().isEmpty() ? Measure.loudness(rep.level()) : 0;
            if (loud > loudness || loud == loudness && !(farthest >= value - SAME)) {
                loudness = loud;
                value = farthest;
                return true;
            }
            return false;
        }

        /** Whether a zone was done with this session: two calm ones running. */
        boolean beaten(Session session) {
            if (kind != Measure.Kind.ZONE) {
                return false;
            }
            boolean beaten = false;
            Map<String, Boolean> calmHere = new HashMap<>();
            session.work().forEach(r -> calmHere.merge(r.level(), r.isClean(), Boolean::logicalAnd));
            for (Map.Entry<String, Boolean> zone : calmHere.entrySet()) {
                int running = zone.getValue() ? calm.merge(zone.getKey(), 1, Integer::sum) : 0;
                calm.put(zone.getKey(), running);
                beaten |= running >= CALM_SESSIONS && done.add(zone.getKey());
            }
            return beaten;
        }
    }
}

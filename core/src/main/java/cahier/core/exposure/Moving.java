package cahier.core.exposure;

import java.util.ArrayList;
import java.util.List;

/**
 * Where a dog works by now: the distance moves with each answer, further and closer, from where the trainer put it (docs/rules.md 9).
 * The phone says the same without signal, held to the same worked cases.
 *
 * @param metres where it works now
 * @param since answers since it last moved, oldest first; since it was set where it has not moved
 * @param last how it last moved, STAY where it has not
 * @param because the answer that moved it last; of no meaning where it has not
 * @param look whether the trainer should look ({@link NextDistance})
 */
public record Moving(double metres, List<Response> since, NextDistance.Verdict last, Response because, boolean look) {

    private static final int MOST_STEPS = 60;

    public Moving {
        since = List.copyOf(since);
    }

    /**
     * From what happened since the trainer put it there.
     *
     * @param set metres above 0
     * @param looks what the dog met, oldest first; before that as far as an estimate takes it
     * @param nearest metres it never goes below by itself
     */
    public static Moving of(double set, List<Looked> looks, Closer closer, double nearest) {
        double at = set;
        List<Response> since = new ArrayList<>();
        NextDistance.Verdict last = NextDistance.Verdict.STAY;
        Response because = Response.UNPROMPTED;
        for (Looked look : looks) {
            if (!look.moves()) {
                continue;
            }
            since.add(look.exposure().response());
            NextDistance next = NextDistance.of(at, since, closer, nearest, () -> Looked.lately(looks, look.at()));
            if (next.verdict() != NextDistance.Verdict.STAY) {
                at = next.metres();
                last = next.verdict();
                because = look.exposure().response();
                since.clear();
            }
        }
        return new Moving(at, since, last, because, NextDistance.of(at, since, closer, nearest, () -> lately(looks)).look());
    }

    private static List<Exposure> lately(List<Looked> looks) {
        return looks.isEmpty() ? List.of() : Looked.lately(looks, looks.get(looks.size() - 1).at());
    }

    /** As it would be after one more step back: where a session begins after a pause. */
    public double easier() {
        return NextDistance.further(metres);
    }

    /** The distances that still lie before the goal step by step, this one first, the goal last; 60 at the most. Led by the estimate it takes as long. */
    public List<Double> way(double goal, Closer.BySteps steps) {
        List<Double> way = new ArrayList<>(List.of(metres));
        while (way.get(way.size() - 1) > goal && way.size() < MOST_STEPS) {
            double nearer = Math.max(goal, NextDistance.closer(way.get(way.size() - 1), steps, NextDistance.NEAREST));
            if (nearer >= way.get(way.size() - 1)) {
                return List.of();
            }
            way.add(nearer);
        }
        return way;
    }
}

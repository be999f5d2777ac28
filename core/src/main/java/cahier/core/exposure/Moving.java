package cahier.core.exposure;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

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
     * @param answers since then, oldest first
     * @param ownStep the trainer's own step closer in metres, above 0; empty for the usual one
     * @param nearest metres it never goes below by itself
     */
    public static Moving of(double set, List<Response> answers, OptionalDouble ownStep, double nearest) {
        double at = set;
        List<Response> since = new ArrayList<>();
        NextDistance.Verdict last = NextDistance.Verdict.STAY;
        Response because = Response.UNPROMPTED;
        for (Response answer : answers) {
            since.add(answer);
            NextDistance next = NextDistance.of(at, since, ownStep, nearest);
            if (next.verdict() != NextDistance.Verdict.STAY) {
                at = next.metres();
                last = next.verdict();
                because = answer;
                since.clear();
            }
        }
        return new Moving(at, since, last, because, NextDistance.of(at, since, ownStep, nearest).look());
    }

    /** As it would be after one more step back: where a session begins after a pause. */
    public double easier() {
        return NextDistance.of(metres, List.of(Response.REACTED), OptionalDouble.empty(), NextDistance.NEAREST).metres();
    }

    /** The distances that still lie before the goal, this one first, the goal last; 60 at the most. */
    public List<Double> way(double goal, OptionalDouble ownStep) {
        List<Double> way = new ArrayList<>(List.of(metres));
        while (way.get(way.size() - 1) > goal && way.size() < MOST_STEPS) {
            double nearer = Math.max(goal, NextDistance.closer(way.get(way.size() - 1), ownStep, NextDistance.NEAREST));
            if (nearer >= way.get(way.size() - 1)) {
                return List.of();
            }
            way.add(nearer);
        }
        return way;
    }
}

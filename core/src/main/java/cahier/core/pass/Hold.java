package cahier.core.pass;

import cahier.core.rep.Rep;
import cahier.core.rep.Visit;
import java.util.List;

/**
 * HOLD(target, k, direction): the last k reps are CLEAN with a value at the target or beyond (docs/rules.md 3).
 *
 * @param target in the step's unit
 * @param k reps, 1 to 100
 */
public record Hold(double target, int k, Direction direction, Spread spread) implements PassRule {

    /** Which way is beyond. */
    public enum Direction {
        UP, DOWN
    }

    public Hold {
        if (!Double.isFinite(target)) {
            throw new IllegalArgumentException("target must be a number, was " + target);
        }
        Limits.reps("k", k);
    }

    @Override
    public List<Missing> missing(Visit counted) {
        List<Rep> reps = counted.work();
        int held = 0;
        while (held < Math.min(k, reps.size()) && holds(reps.get(reps.size() - 1 - held))) {
            held++;
        }
        return held >= k ? List.of() : List.of(new Missing(Missing.What.HOLDS, k - held));
    }

    private boolean holds(Rep rep) {
        return rep.isClean() && rep.value().isPresent()
                && (direction == Direction.UP ? rep.value().getAsDouble() >= target : rep.value().getAsDouble() <= target);
    }

    @Override
    public int least() {
        return k;
    }
}

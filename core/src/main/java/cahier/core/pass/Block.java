package cahier.core.pass;

import cahier.core.rep.Rep;
import cahier.core.rep.Visit;
import java.util.List;
import java.util.OptionalInt;

/**
 * BLOCK(n, up, down): what the rule looks at is cut into blocks of n from its start; the latest complete block decides (docs/rules.md 3).
 *
 * @param n reps in a block, 1 to 100
 * @param up CLEAN from which the block says UP, at most n
 * @param down CLEAN up to which it says BACK, less than up
 */
public record Block(int n, int up, int down, Spread spread) implements PassRule {

    /** Blocks of five: four go up, two go back. */
    public static Block usual(Spread spread) {
        return new Block(5, 4, 2, spread);
    }

    public Block {
        Limits.reps("n", n);
        if (up > n || down < 0 || down >= up) {
            throw new IllegalArgumentException("down must be 0 or more and less than up, up at most n " + n + ", were " + down + " and " + up);
        }
    }

    @Override
    public List<Missing> missing(Visit counted) {
        OptionalInt clean = latest(counted);
        if (clean.isEmpty()) {
            return List.of(new Missing(Missing.What.REPS, n - counted.work().size()));
        }
        return clean.getAsInt() >= up ? List.of() : List.of(new Missing(Missing.What.CLEAN_OF_BLOCK, up - clean.getAsInt()));
    }

    @Override
    public OptionalInt back(Visit counted) {
        return latest(counted).stream().filter(clean -> clean <= down).findFirst();
    }

    /** CLEAN in the latest complete block; empty while none is complete. */
    private OptionalInt latest(Visit counted) {
        List<Rep> reps = counted.work();
        int end = reps.size() / n * n;
        return end == 0 ? OptionalInt.empty() : OptionalInt.of((int) reps.subList(end - n, end).stream().filter(Rep::isClean).count());
    }

    @Override
    public int least() {
        return n;
    }
}

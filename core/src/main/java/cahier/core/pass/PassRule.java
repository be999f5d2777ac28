package cahier.core.pass;

import cahier.core.measure.Measure;
import cahier.core.rep.Visit;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/** When a step is passed (docs/rules.md 3). Sealed, so that a page that words rules learns of a new one at compile time. */
public sealed interface PassRule permits Run, Rate, Block, Calm, Odds, Hold, Reach {

    /** What the household must show beside the rule itself. */
    Spread spread();

    /**
     * What the rule itself still misses, without its spread; empty when it holds.
     *
     * @param counted what pass rules look at, {@link Visit#counted}
     */
    List<Missing> missing(Visit counted);

    /** CLEAN in the block that says BACK; only a {@link Block} ever does (docs/rules.md 4, line 2). */
    default OptionalInt back(Visit counted) {
        return OptionalInt.empty();
    }

    /** What a step measures that is passed by this; only {@link Reach} does. */
    default Optional<Measure> measure() {
        return Optional.empty();
    }

    /** The fewest reps that can pass it, 1 or more (docs/rules.md 8). */
    int least();

    /** The rule with its spread, on what pass rules look at. */
    default PassCheck check(Visit counted) {
        return new PassCheck(missing(counted), spread().missing(counted));
    }
}

package cahier.core.pass;

import cahier.core.rep.Visit;
import java.util.List;

/** When a step is passed (docs/rules.md 3). Sealed, so that a page that words rules learns of a new one at compile time. */
public sealed interface PassRule permits Run {

    /** What the household must show beside the rule itself. */
    Spread spread();

    /**
     * What the rule itself still misses, without its spread; empty when it holds.
     *
     * @param counted what pass rules look at, {@link Visit#counted}
     */
    List<Missing> missing(Visit counted);

    /** The rule with its spread, on what pass rules look at. */
    default PassCheck check(Visit counted) {
        return new PassCheck(missing(counted), spread().missing(counted));
    }
}

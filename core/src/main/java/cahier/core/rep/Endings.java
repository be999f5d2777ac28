package cahier.core.rep;

import java.util.List;
import java.util.Optional;

/**
 * How the sessions of a step end: where half of them end flat or frustrated they are too long, or the pay too poor (docs/rules.md 24).
 *
 * @param poor of the sessions looked at that ended so
 * @param of sessions looked at
 */
public record Endings(int poor, int of) {

    private static final int LATEST = 6;
    private static final int LEAST = 4;

    /**
     * Looks at the latest six of which somebody said how they ended; empty with fewer than four, or where less than half ended poorly.
     *
     * @param poorly of each session whether it ended flat or frustrated, oldest first
     */
    public static Optional<Endings> of(List<Boolean> poorly) {
        List<Boolean> latest = poorly.subList(Math.max(0, poorly.size() - LATEST), poorly.size());
        int poor = (int) latest.stream().filter(Boolean::booleanValue).count();
        return latest.size() >= LEAST && 2 * poor >= latest.size() ? Optional.of(new Endings(poor, latest.size())) : Optional.empty();
    }
}

package cahier.core.decide;

import cahier.core.pass.Missing;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * What the rules suggest for one track, and why. A trainer accepts or overrules it.
 *
 * @param reasons the figures behind it, the weightiest first
 * @param missing what stands between the step and its pass
 * @param gap the person gap that was found, if it decided
 */
public record Suggestion(Decision decision, Cause cause, List<Reason> reasons, List<Missing> missing, Optional<PersonGap> gap) {

    public Suggestion {
        Objects.requireNonNull(decision, "decision");
        Objects.requireNonNull(cause, "cause");
        reasons = List.copyOf(reasons);
        missing = List.copyOf(missing);
        Objects.requireNonNull(gap, "gap");
    }

    /** How the next session begins, where a pause is what it speaks of. */
    public Optional<Refresh> refresh() {
        return decision != Decision.REFRESH ? Optional.empty() : Arrays.stream(Refresh.values()).filter(r -> reasons.stream().anyMatch(e -> e.code() == Reason.Code.of(r))).findFirst();
    }

    /** Whether it stays open until a trainer answers (docs/rules.md 4, open until answered). */
    public boolean staysOpen() {
        return decision.staysOpen(cause);
    }
}

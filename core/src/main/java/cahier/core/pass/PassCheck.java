package cahier.core.pass;

import java.util.List;
import java.util.stream.Stream;

/**
 * The answer of a pass rule.
 *
 * @param ruleMissing what the rule itself misses
 * @param spreadMissing what its spread misses
 */
public record PassCheck(List<Missing> ruleMissing, List<Missing> spreadMissing) {

    public PassCheck {
        ruleMissing = List.copyOf(ruleMissing);
        spreadMissing = List.copyOf(spreadMissing);
    }

    /** Whether the rule holds, whatever its spread. */
    public boolean rulePassed() {
        return ruleMissing.isEmpty();
    }

    /** Whether the rule and its spread hold. */
    public boolean passed() {
        return rulePassed() && spreadMissing.isEmpty();
    }

    /** Everything that is missing, the rule's first. */
    public List<Missing> missing() {
        return Stream.concat(ruleMissing.stream(), spreadMissing.stream()).toList();
    }
}

package cahier.core.slip;

import cahier.core.rep.Aid;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * What the HELPED reps of a visit were helped by (docs/rules.md 24). It stands beside the decision and never replaces it.
 *
 * @param by what came up again and again
 * @param times reps helped by it
 * @param of reps of which it was said
 */
public record Helped(By by, int times, int of) {

    /** What one rep was helped by: a cue said again, or an aid beyond the step's. */
    public record By(Aid aid, boolean saidAgain) {

        public static final By SAYING_IT_AGAIN = new By(Aid.NONE, true);

        public By {
            Objects.requireNonNull(aid, "aid");
            if (saidAgain == (aid != Aid.NONE)) {
                throw new IllegalArgumentException("a rep must be helped by an aid or by a cue said again, was aid " + aid + ", said again " + saidAgain);
            }
        }
    }

    /** Proposed from four reps on of which it was said, when one help is on at least half of them; of two on half each, the one seen last. */
    public static Optional<Helped> of(List<By> helped) {
        return Oftenest.ofHalf(helped).map(most -> new Helped(most.what(), most.times(), helped.size()));
    }
}

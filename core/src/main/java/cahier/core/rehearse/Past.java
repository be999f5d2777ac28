package cahier.core.rehearse;

import cahier.core.rep.Outcome;
import java.util.List;

/**
 * A session of the real dog, by which made-up ones are chosen that are like it.
 *
 * @param daysBefore how many days before today, 0 or more
 * @param level of the step, as in {@link Plan.Step}
 * @param handicap by how many logits it goes worse with whoever practised
 * @param outcomes of its WORK reps, oldest first
 */
public record Past(int daysBefore, double level, String place, double handicap, List<Outcome> outcomes) {

    public Past {
        outcomes = List.copyOf(outcomes);
        if (daysBefore < 0) {
            throw new IllegalArgumentException("daysBefore must be 0 or more, was " + daysBefore);
        }
    }
}

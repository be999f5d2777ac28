package cahier.app.judge;

import cahier.core.decide.Suggestion;
import java.util.List;

/**
 * A suggestion with the evidence it was made on, as it is kept for good.
 *
 * @param reps WORK reps of the visit
 * @param clean CLEAN among the last {@code of} reps
 * @param of up to 20
 * @param odds that the true rate is {@code bar} or better, 0 to 1
 * @param people CLEAN by person, the name as it was then
 * @param places CLEAN by place
 */
public record Grounds(Suggestion suggestion, int reps, int clean, int of, double odds, double bar, List<Cell> people, List<Cell> places) {

    /** CLEAN of reps, by person or by place. */
    public record Cell(String name, int clean, int reps) {
    }
}

package cahier.app.judge;

import cahier.core.decide.Suggestion;
import cahier.core.rep.Gap;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A suggestion with the evidence it was made on, as it is kept for good.
 *
 * @param reps WORK reps of the visit
 * @param clean CLEAN among the last {@code of} reps
 * @param of up to 20
 * @param odds that the true rate is {@code bar} or better, 0 to 1
 * @param people CLEAN by person, the name as it was then
 * @param places CLEAN by place
 * @param newest the day of the newest rep it was made on; none where there was none, or it was not kept yet
 * @param gaps people, then places, whose reps differ by more than chance
 */
public record Grounds(Suggestion suggestion, int reps, int clean, int of, double odds, double bar, List<Cell> people, List<Cell> places,
                      List<Gap> gaps, @Nullable LocalDate newest) {

    public Grounds {
        people = List.copyOf(people);
        places = List.copyOf(places);
        gaps = orNone(gaps);
    }

    /** Grounds kept before gaps were looked for have none. */
    private static List<Gap> orNone(@Nullable List<Gap> gaps) {
        return gaps == null ? List.of() : List.copyOf(gaps);
    }

    /** CLEAN of reps, by person or by place. */
    public record Cell(String name, int clean, int reps) {
    }
}

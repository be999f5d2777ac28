package cahier.app.coach;

import cahier.core.coach.Advice;
import cahier.core.coach.Coach;
import cahier.core.coach.CoachTable;
import cahier.core.decide.TrackKind;
import java.util.Arrays;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * The coach's tables as a page carries them: the advice of each row as a letter, whether the next rep is an easier one as 0 or 1, and the next
 * rows after CLEAN, HELPED, MISSED and TOO_MUCH, in one line each.
 */
public final class CoachTables {

    private static final Map<Advice, Character> LETTERS = Map.of(Advice.STOP, 'S', Advice.END, 'E', Advice.EASE, 'A', Advice.BREATHE, 'B', Advice.GO, 'G');
    private static final Map<TrackKind, CoachTables> ALL = Arrays.stream(TrackKind.values()).collect(Collectors.toMap(Function.identity(), k -> new CoachTables(CoachTable.of(k))));

    private final String advice;
    private final String easy;
    private final String next;

    private CoachTables(CoachTable table) {
        advice = table.rows().stream().map(r -> Objects.requireNonNull(LETTERS.get(r.advice())).toString()).collect(Collectors.joining());
        easy = table.rows().stream().map(r -> r.easy() ? "1" : "0").collect(Collectors.joining());
        next = table.rows().stream().flatMap(r -> r.next().stream()).map(String::valueOf).collect(Collectors.joining(","));
    }

    public static CoachTables of(TrackKind kind) {
        return Objects.requireNonNull(ALL.get(kind));
    }

    public String advice() {
        return advice;
    }

    /** A dose that is too short to end on a win. */
    public int tooShort() {
        return Coach.TOO_SHORT_TO_WIN;
    }

    public String easy() {
        return easy;
    }

    public String next() {
        return next;
    }
}

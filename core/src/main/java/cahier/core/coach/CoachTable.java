package cahier.core.coach;

import cahier.core.decide.TrackKind;
import cahier.core.rep.Outcome;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.stream.Stream;

/**
 * The coach as a table that a phone can walk without knowing the rule: one row a state, from each a next row for each outcome
 * (docs/rules.md 5). An advice is taken to be followed: a pause after BREATHE, three easier reps after EASE. When the dose or the time is
 * used up, every advice but STOP becomes END.
 *
 * @param rows the first one is where a session begins
 */
public record CoachTable(List<Row> rows) {

    /**
     * One state.
     *
     * @param easy whether the next rep is one of the easier ones
     * @param next the row after each outcome, in the order of {@link Outcome}
     */
    public record Row(Advice advice, boolean easy, List<Integer> next) {
    }

    public CoachTable {
        rows = List.copyOf(rows);
    }

    /** What the coach says in a row when the dose and the time are used up, or not. */
    public Advice advice(int row, boolean usedUp) {
        Advice advice = rows.get(row).advice();
        return usedUp && advice != Advice.STOP ? Advice.END : advice;
    }

    /** The row after this outcome. */
    public int next(int row, Outcome outcome) {
        return rows.get(row).next().get(outcome.ordinal());
    }

    /** The table of a kind of track: every state that can be reached. */
    public static CoachTable of(TrackKind kind) {
        Map<State, Integer> numbers = new LinkedHashMap<>(Map.of(State.START, 0));
        List<State> states = new ArrayList<>(List.of(State.START));
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < states.size(); i++) {
            State state = states.get(i);
            List<Integer> next = new ArrayList<>();
            for (Outcome outcome : Outcome.values()) {
                State after = state.after(outcome, kind);
                next.add(numbers.computeIfAbsent(after, s -> {
                    states.add(s);
                    return states.size() - 1;
                }));
            }
            rows.add(new Row(state.advice(kind), state.easeLeft() > 0 || state.advice(kind) == Advice.EASE, List.copyOf(next)));
        }
        return new CoachTable(rows);
    }

    /**
     * As much of a session as the coach can tell apart.
     *
     * @param tail the last two outcomes at most, those that are not CLEAN at the end
     * @param tooMuch counted up to two
     * @param easeLeft easier reps still to come
     * @param sinceEase counted up to one more than {@link Coach#EASE_REPS}
     * @param sincePause counted up to the pause
     */
    private record State(List<Outcome> tail, int tooMuch, int eases, int easeLeft, int sinceEase, int sincePause) {

        /** All ways to stop are one. */
        static final State STOPPED = new State(List.of(Outcome.TOO_MUCH), 2, 0, 0, 0, 0);
        static final State START = new State(List.of(), 0, 0, 0, 0, 0);

        Advice advice(TrackKind kind) {
            List<Outcome> outcomes = Stream.concat(Stream.generate(() -> Outcome.TOO_MUCH).limit(tooMuch - tail.stream().filter(o -> o == Outcome.TOO_MUCH).count()),
                    Stream.concat(Stream.of(Outcome.CLEAN), tail.stream())).toList();
            return Coach.of(new Coach.Situation(kind, outcomes, Integer.MAX_VALUE, 0, 1, eases == 0 ? OptionalInt.empty() : OptionalInt.of(sinceEase), eases, sincePause));
        }

        State after(Outcome outcome, TrackKind kind) {
            Advice before = advice(kind);
            if (before == Advice.STOP) {
                return this; // nothing that comes later takes it back
            }
            int easesNow = before == Advice.EASE ? eases + 1 : eases;
            int left = before == Advice.EASE ? Coach.EASE_REPS : easeLeft;
            int since = left > 0 || easesNow == 0 ? 0 : Math.min(sinceEase + 1, Coach.EASE_REPS + 1);
            int paused = before == Advice.BREATHE ? 0 : sincePause;
            State next = new State(tail(outcome), Math.min(2, tooMuch + (outcome == Outcome.TOO_MUCH ? 1 : 0)), easesNow, Math.max(0, left - 1), since,
                    Math.min(paused + 1, Coach.pauseAfter(kind)));
            return next.advice(kind) == Advice.STOP ? STOPPED : next;
        }

        /** Only whether the last one was TOO_MUCH and whether two were not CLEAN can matter. */
        private List<Outcome> tail(Outcome outcome) {
            if (outcome == Outcome.CLEAN) {
                return List.of();
            }
            Outcome last = outcome == Outcome.TOO_MUCH ? Outcome.TOO_MUCH : Outcome.MISSED;
            return tail.isEmpty() ? List.of(last) : List.of(Outcome.MISSED, last);
        }
    }
}

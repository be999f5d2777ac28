package cahier.core.coach;

import cahier.core.decide.TrackKind;
import cahier.core.rep.Outcome;
import cahier.core.rep.Role;
import java.util.List;
import java.util.OptionalInt;

/** The coach inside a session, a pure function of what has happened in it (docs/rules.md 5). */
public final class Coach {

    /** EASE reps in a row. */
    public static final int EASE_REPS = 3;
    /** A session of so few reps ends without one sure win. */
    public static final int TOO_SHORT_TO_WIN = 2;
    static final int MOST_EASES = 2;
    private static final int COMFORT_TOO_MUCH = 1;
    private static final int SKILL_TOO_MUCH = 2;
    private static final int SKILL_PAUSE = 10;
    private static final int COMFORT_PAUSE = 5;

    private Coach() {
    }

    /**
     * What a session has seen of one track.
     *
     * @param outcomes of every role, oldest first
     * @param doseReps reps the dose asks for, 1 or more
     * @param minutesGone since the session began
     * @param maxMinutes the step's own limit
     * @param sinceEase reps since the end of the last EASE; 0 while it lasts, empty when there was none
     * @param eases how many there were
     * @param sincePause reps since the last pause
     */
    public record Situation(TrackKind kind, List<Outcome> outcomes, int doseReps, double minutesGone, double maxMinutes, OptionalInt sinceEase, int eases, int sincePause) {
    }

    /** What to do next (docs/rules.md 5): stop before end, end before ease, ease before breathe. */
    public static Advice of(Situation now) {
        List<Outcome> outcomes = now.outcomes();
        if (stops(now.kind(), outcomes)) {
            return Advice.STOP;
        }
        boolean easeDue = slumps(outcomes) && (now.sinceEase().isEmpty() || now.sinceEase().getAsInt() > EASE_REPS);
        if (outcomes.size() >= now.doseReps() || now.minutesGone() >= now.maxMinutes() || easeDue && now.eases() >= MOST_EASES) {
            return Advice.END;
        }
        if (easeDue) {
            return Advice.EASE;
        }
        return now.sincePause() >= pauseAfter(now.kind()) ? Advice.BREATHE : Advice.GO;
    }

    /**
     * Whether a session ends with this rep, whatever its dose: with the sure win, and on a step that goes until one is clean with its first CLEAN rep of the step itself.
     * The phone says the same without signal.
     */
    public static boolean ends(Role role, Outcome outcome, boolean untilClean) {
        return role == Role.WIN && outcome != Outcome.TOO_MUCH || untilClean && role == Role.WORK && outcome == Outcome.CLEAN;
    }

    /**
     * Which role the next rep has. The phone says the same without signal, held to the same worked cases.
     *
     * @param easy whether an easier stretch goes on
     * @param probesLeft reps still asked for of a test, 0 or fewer when none is
     * @param beginsEasier whether the session begins easier after a pause and no such rep was CLEAN yet (docs/rules.md 4, line 3)
     */
    public static Role next(Advice says, boolean easy, int doseReps, int probesLeft, boolean beginsEasier) {
        if (says == Advice.END && doseReps > TOO_SHORT_TO_WIN) {
            return Role.WIN;
        }
        if (beginsEasier) {
            return Role.REFRESH;
        }
        return easy ? Role.EASE : probesLeft > 0 ? Role.PROBE : Role.WORK;
    }

    /** Whether a session has been too much: no more of this track today. */
    public static boolean stops(TrackKind kind, List<Outcome> outcomes) {
        return outcomes.stream().filter(o -> o == Outcome.TOO_MUCH).count() >= (kind == TrackKind.COMFORT ? COMFORT_TOO_MUCH : SKILL_TOO_MUCH);
    }

    /** Reps after which the dog is let off: fewer where it learns that something is harmless. */
    static int pauseAfter(TrackKind kind) {
        return kind == TrackKind.COMFORT ? COMFORT_PAUSE : SKILL_PAUSE;
    }

    private static boolean slumps(List<Outcome> outcomes) {
        int n = outcomes.size();
        return n > 0 && outcomes.get(n - 1) == Outcome.TOO_MUCH
                || n > 1 && outcomes.get(n - 1) != Outcome.CLEAN && outcomes.get(n - 2) != Outcome.CLEAN;
    }
}

package cahier.core.rest;

import cahier.core.decide.Cause;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/**
 * May this be practised, and which step (docs/rules.md 38). No other code decides it.
 *
 * @param step 0-based index of the step that is practised; none when it rests; 0 beside tracks
 * @param why what holds it back, the weightiest first; empty when nothing does
 */
public record Permit(Verdict verdict, OptionalInt step, List<Why> why) {

    /** The answer. */
    public enum Verdict {
        /** With the step that was asked for. */
        GO,
        /** With an easier one. */
        EASIER,
        /** Not now. */
        REST
    }

    public Permit {
        why = List.copyOf(why);
    }

    /** The answer for this situation, a pure function of it. */
    public static Permit of(Situation given) {
        boolean isStep = given.work() == Work.STEP;
        boolean tooMuch = given.open().filter(c -> c.restsTheStep() && c != Cause.ALARM).isPresent()
                && (!isStep || given.asked() >= given.standing()); // a sheet that is behind asks for less than what was too much: it may go on
        int step = Math.min(given.asked(), given.standing()) - (isStep && tooMuch ? 1 : 0);
        boolean restsTooMuch = tooMuch && (!isStep || step < 0);
        List<Why> why = new ArrayList<>();
        add(why, Why.ALARM, given.alarmOpen());
        add(why, Why.RED_FLAG, !given.shutBy().isEmpty());
        add(why, Why.RESTED, given.rested());
        add(why, Why.UNDECIDED, given.open().filter(c -> c == Cause.ALARM).isPresent());
        add(why, Why.TOO_MUCH, restsTooMuch);
        add(why, Why.PARKED, given.parked());
        add(why, Why.WAITS, given.unmetNeeds() > 0);
        add(why, Why.STOPPED_TODAY, given.stoppedToday());
        add(why, Why.HEAT, given.hot());
        add(why, Why.GROWN_UPS_ONLY, given.handler().isChild() && given.isForGrownUps());
        add(why, Why.ADULT_MISSING, given.handler() == Handler.CHILD_ALONE);
        boolean rests = !why.isEmpty();
        add(why, Why.TOO_MUCH, tooMuch && !restsTooMuch);
        add(why, Why.PUT_LOWER, isStep && given.asked() > given.standing());
        if (rests) {
            return new Permit(Verdict.REST, OptionalInt.empty(), why);
        }
        return new Permit(step < given.asked() ? Verdict.EASIER : Verdict.GO, OptionalInt.of(step), why);
    }

    private static void add(List<Why> why, Why one, boolean holds) {
        if (holds) {
            why.add(one);
        }
    }

    /** Whether something is practised at all. */
    public boolean isPractised() {
        return verdict != Verdict.REST;
    }

    /** Whether it rests for a reason that outlasts the day and the person: then a sheet does not ask for it. */
    public boolean restsForGood() {
        return verdict == Verdict.REST && why.stream().anyMatch(w -> !w.isOfTheMoment() && !w.isOfThePerson() && w != Why.PUT_LOWER);
    }
}

package cahier.core.decide;

import cahier.core.pass.PassRule;
import cahier.core.rep.Session;
import cahier.core.rep.Visit;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * What another pass rule would have said at each session's close, on the reps already logged (docs/rules.md 36).
 *
 * @param closes oldest first, one for each session of the visit
 */
public record Replay(List<Close> closes) {

    /**
     * The close of one session.
     *
     * @param reps WORK reps of the visit until then
     */
    public record Close(Session session, int reps, Suggestion said) {

        /** Whether it would have let the dog go on. */
        public boolean isUp() {
            return said.decision() == Decision.UP || said.decision() == Decision.DONE;
        }
    }

    public Replay {
        closes = List.copyOf(closes);
    }

    /** Every session close of the case's visit, judged by the other rule. An alarm and a pause since the last session are left out. */
    public static Replay of(Case given, PassRule other) {
        List<Session> sessions = given.visit().sessions();
        List<Close> closes = new ArrayList<>();
        for (int n = 1; n <= sessions.size(); n++) {
            Visit until = new Visit(sessions.subList(0, n));
            long days = ChronoUnit.DAYS.between(sessions.get(0).day(), sessions.get(n - 1).day());
            Case.Step step = given.step();
            Case then = new Case(given.kind(), other, given.staleDays(), until,
                    new Case.Step(step.index(), step.count(), step.enteredAfterTooMuch(), step.leftByBackBefore(), days),
                    new Case.History(false, OptionalLong.of(0), 0, given.history().callAnsweredAt(), PersonGap.Before.NONE));
            closes.add(new Close(sessions.get(n - 1), until.work().size(), Judge.decide(then)));
        }
        return new Replay(closes);
    }

    /** The first close at which it would have let the dog go on. */
    public Optional<Close> firstUp() {
        return closes.stream().filter(Close::isUp).findFirst();
    }

    /** What it would say now, at the last close. */
    public Optional<Close> now() {
        return closes.isEmpty() ? Optional.empty() : Optional.of(closes.get(closes.size() - 1));
    }
}

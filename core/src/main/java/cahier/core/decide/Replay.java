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
 * What a pass rule would have said at each session's close, on the reps already logged (docs/rules.md 36).
 *
 * @param closes oldest first, one for each session of the visit
 */
public record Replay(List<Close> closes) {

    /**
     * The close of one session.
     *
     * @param given the case as it was then: the sessions of the visit until this one
     */
    public record Close(Session session, Case given, Suggestion said) {

        /** WORK reps of the visit until then. */
        public int reps() {
            return given.visit().work().size();
        }

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
        PersonGap.Before gap = PersonGap.Before.NONE;
        for (int n = 1; n <= sessions.size(); n++) {
            Case then = at(given, other, n, gap);
            Suggestion said = Judge.decide(then);
            closes.add(new Close(sessions.get(n - 1), then, said));
            gap = gap(then, said);
        }
        return new Replay(closes);
    }

    /** The case as it was at the close of the n-th session. */
    private static Case at(Case given, PassRule other, int n, PersonGap.Before gap) {
        List<Session> sessions = given.visit().sessions();
        Case.Step step = given.step();
        return new Case(given.kind(), other, given.staleDays(), new Visit(sessions.subList(0, n)),
                new Case.Step(step.index(), step.count(), step.enteredAfterTooMuch(), step.leftByBackBefore(), ChronoUnit.DAYS.between(sessions.get(0).day(), sessions.get(n - 1).day())),
                new Case.History(false, OptionalLong.of(0), 0, given.history().callAnsweredAt(), gap));
    }

    private static PersonGap.Before gap(Case then, Suggestion said) {
        return said.gap().map(then.history().gap()::after).orElse(PersonGap.Before.NONE);
    }

    /**
     * How often in a row the gap of one person was found at the closes before the last, by the case's own rule. Looks back only as far as it was found: whether it is found at a close
     * does not hang on how often it was before.
     */
    public static PersonGap.Before gapBeforeLast(Case given) {
        int last = given.visit().sessions().size() - 1;
        int from = last;
        while (from >= 1 && Judge.decide(at(given, given.rule(), from, PersonGap.Before.NONE)).gap().isPresent()) {
            from--;
        }
        PersonGap.Before gap = PersonGap.Before.NONE;
        for (int n = from + 1; n <= last; n++) {
            Case then = at(given, given.rule(), n, gap);
            gap = gap(then, Judge.decide(then));
        }
        return gap;
    }

    /** The first close at which it would have let the dog go on. */
    public Optional<Close> firstUp() {
        return closes.stream().filter(Close::isUp).findFirst();
    }

    /**
     * What would stand open after the last close if these reps had been all there ever were: the closes since the trainer's last answer, merged in turn
     * ({@link Standing#merge}). A rep that was taken out is as one that was never logged.
     */
    public Optional<Close> standing(Optional<Standing.Answer> answer) {
        Optional<Close> stands = Optional.empty();
        for (Close close : closes) {
            boolean settled = answer.isPresent() && !close.session().end().isAfter(answer.get().at());
            if (!settled && Standing.merge(stands.map(Close::said), close.said()).equals(close.said())) {
                stands = Optional.of(close);
            }
        }
        return stands.filter(c -> c.said().staysOpen());
    }

    /** What it would say now, at the last close. */
    public Optional<Close> now() {
        return closes.isEmpty() ? Optional.empty() : Optional.of(closes.get(closes.size() - 1));
    }
}

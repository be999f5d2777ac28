package cahier.core.decide;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.core.Rehearsed;
import cahier.core.pass.Block;
import cahier.core.pass.Calm;
import cahier.core.pass.Odds;
import cahier.core.pass.PassRule;
import cahier.core.pass.Rate;
import cahier.core.pass.Run;
import cahier.core.pass.Spread;
import cahier.core.rep.Rep;
import cahier.core.rep.Session;
import cahier.core.rep.Visit;
import java.io.IOException;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;

/** What the pass rules do to made-up dogs whose true rate is known; the table stands in docs/rules.md. */
class SimulationTest {

    private static final int RUNS = 500;
    private static final double SELDOM = 0.003;
    private static final int LUCK_REPS = 60;
    private static final int PATIENCE = 600;

    private static final Map<String, PassRule> PASS_RULES = new LinkedHashMap<>();

    static {
        PASS_RULES.put("RUN(5)", new Run(5, Spread.NONE));
        PASS_RULES.put("RUN(5), 2 days, last cold clean", new Run(5, Spread.COMFORT));
        PASS_RULES.put("RATE(0.8, 10)", new Rate(0.8, 10, Spread.NONE));
        PASS_RULES.put("RATE(0.9, 10)", new Rate(0.9, 10, Spread.NONE));
        PASS_RULES.put("BLOCK(5, 4, 2)", Block.usual(Spread.NONE));
        PASS_RULES.put("CALM(2, 5)", Calm.usual(Spread.NONE));
        PASS_RULES.put("ODDS(0.7, 0.8)", Odds.usual(Spread.NONE));
    }

    private static Case caseOf(PassRule rule, List<Session> sessions, int tooMuchInLast60) {
        long days = ChronoUnit.DAYS.between(sessions.get(0).day(), sessions.get(sessions.size() - 1).day());
        return new Case(TrackKind.SKILL, rule, Case.STALE_DAYS, new Visit(sessions), new Case.Step(1, 3, false, false, days),
                new Case.History(false, OptionalLong.of(0), tooMuchInLast60, Optional.empty(), PersonGap.Before.NONE));
    }

    private static int tooMuchInLast60(List<Session> sessions) {
        List<Rep> reps = sessions.stream().flatMap(s -> s.reps().stream()).toList();
        return (int) reps.subList(Math.max(0, reps.size() - 60), reps.size()).stream().filter(Rep::isTooMuch).count();
    }

    /** Reps until the step would have been passed; none within so many. */
    private static OptionalInt repsToUp(PassRule rule, double clean, long seed, int most) {
        Learner dog = new Learner(clean, SELDOM, seed);
        List<Session> sessions = new ArrayList<>();
        int reps = 0;
        while (reps < most) {
            sessions.add(dog.next());
            reps += sessions.get(sessions.size() - 1).reps().size();
            if (reps <= most && Judge.decide(caseOf(rule, sessions, 0)).decision() == Decision.UP) {
                return OptionalInt.of(reps);
            }
        }
        return OptionalInt.empty();
    }

    private static String row(String name, PassRule rule) {
        int[] reps = new int[RUNS];
        int lucky = 0;
        for (int i = 0; i < RUNS; i++) {
            reps[i] = repsToUp(rule, 0.95, i, PATIENCE).orElse(PATIENCE);
            lucky += repsToUp(rule, 0.5, i, LUCK_REPS).isPresent() ? 1 : 0;
        }
        Arrays.sort(reps);
        return "| " + name + " | " + reps[RUNS / 2] + " | " + reps[RUNS * 9 / 10] + " | " + Math.round(100.0 * lucky / RUNS) + "% |";
    }

    @Test
    void theTableInTheRulesIsWhatTheRulesDo() throws IOException {
        List<String> table = PASS_RULES.entrySet().stream().map(r -> row(r.getKey(), r.getValue())).toList();
        Rehearsed.rows("pass rules", table);
    }

    @Test
    void noTrackWithThreeTooMuchInSixtyRepsGoesOnWithoutACallOrSplit() {
        int often = 0;
        for (long seed = 0; seed < RUNS; seed++) {
            Learner dog = new Learner(0.8, 0.04, seed);
            List<Session> sessions = new ArrayList<>();
            for (int i = 0; i < 20; i++) {
                sessions.add(dog.next());
                int tooMuch = tooMuchInLast60(sessions);
                if (tooMuch >= 3) {
                    often++;
                    assertThat(Judge.decide(caseOf(new Run(5, Spread.NONE), sessions, tooMuch)).decision()).as("seed %d, session %d", seed, i).isIn(Decision.CALL, Decision.SPLIT);
                }
            }
        }
        assertThat(often).as("the dogs were over threshold often enough to test anything").isGreaterThan(500);
    }

    /** A ladder of five steps that an owner climbs alone; nobody answers anything. */
    @Test
    void whereTheOwnerMayMoveOnNoUpAppliesAfterTooMuchThatNobodyHasSeen() {
        int moves = 0;
        int waited = 0;
        for (long seed = 0; seed < RUNS; seed++) {
            Learner dog = new Learner(0.85, 0.02, seed);
            List<Session> visit = new ArrayList<>();
            Optional<Suggestion> open = Optional.empty();
            int step = 2;
            boolean afterTooMuch = false;
            for (int i = 0; i < 40; i++) {
                visit.add(dog.next());
                Case given = new Case(TrackKind.SKILL, new Run(5, Spread.NONE), Case.STALE_DAYS, new Visit(visit), new Case.Step(step, 5, false, false, visit.size()),
                        new Case.History(false, OptionalLong.of(0), 0, Optional.empty(), PersonGap.Before.NONE));
                Suggestion stands = Standing.merge(open, Judge.decide(given));
                open = stands.staysOpen() ? Optional.of(stands) : Optional.empty();
                afterTooMuch |= stands.cause().restsTheStep() && (stands.decision() == Decision.CALL || stands.decision() == Decision.BACK);
                if (Standing.appliesByItself(stands, afterTooMuch) && stands.decision() != Decision.REFRESH) {
                    assertThat(stands.decision() == Decision.UP && afterTooMuch).as("seed %d, session %d", seed, i).isFalse();
                    step += stands.decision() == Decision.UP ? 1 : -1;
                    visit.clear();
                    open = Optional.empty();
                    moves++;
                } else if (stands.decision() == Decision.UP) {
                    waited++;
                }
            }
        }
        assertThat(moves).isGreaterThan(500);
        assertThat(waited).isGreaterThan(50);
    }

    /**
     * Dogs that can do it 4 times in 10 for four sessions and 95 times in 100 from then on; the trainer answers nothing. How many of those with a suggestion open after the
     * four sessions have an UP standing after so many more.
     */
    private static String standing(String name, Predicate<Suggestion> of, double tooMuch) {
        int open = 0;
        int[] up = new int[3];
        for (long seed = 0; seed < RUNS; seed++) {
            Learner poor = new Learner(0.4, tooMuch, seed);
            Learner good = new Learner(0.95, 0, seed + RUNS);
            List<Session> sessions = new ArrayList<>();
            Optional<Suggestion> stands = Optional.empty();
            long days = 0;
            for (int i = 0; i < 8; i++) {
                Session next = i < 4 ? poor.next() : good.next();
                if (i == 4) {
                    days = ChronoUnit.DAYS.between(next.day(), sessions.get(3).day()) + 1;
                }
                sessions.add(shifted(next, days));
                Suggestion now = Standing.merge(stands, Judge.decide(caseOf(new Run(5, Spread.NONE), sessions, 0)));
                stands = Optional.of(now).filter(Suggestion::staysOpen);
                if (i == 3 && stands.filter(of).isEmpty()) {
                    break;
                }
                open += i == 3 ? 1 : 0;
                for (int n = 0; n < up.length; n++) {
                    up[n] += i == 3 + (1 << n) && now.decision() == Decision.UP ? 1 : 0;
                }
            }
        }
        return "| " + name + " | " + open + " | " + up[0] + " | " + up[1] + " | " + up[2] + " |";
    }

    /** The same session so many days later: the good days come after the poor ones. */
    private static Session shifted(Session session, long days) {
        return new Session(session.person(), session.place(), session.day().plusDays(days), session.coldStart(),
                session.reps().stream().map(r -> new Rep(r.id(), r.at().plus(days, ChronoUnit.DAYS), r.outcome(), r.role())).toList());
    }

    @Test
    void whatWasRaisedForALowRateGivesWayToUpAndWhatWasTooMuchStands() throws IOException {
        List<String> table = List.of(standing("BACK, SPLIT, CALL, STAY of any other cause", s -> !s.cause().restsTheStep() && s.decision() != Decision.UP, 0),
                standing("TOO_MUCH, TOO_MUCH_OFTEN, TOO_MUCH_AGAIN", s -> s.cause().restsTheStep(), 0.08));
        Rehearsed.rows("standing", table);
        assertThat(table.get(1)).endsWith("| 0 | 0 | 0 |");
    }

    /**
     * Dogs at 95 in 100 that are practised once a week, with a trainer who looks just before the next session: whether one sees an UP within so many weeks. A session that
     * begins gently after the pause has as many WORK reps as that leaves.
     *
     * @param alternates whether the session after such a beginning is an ordinary one; else every pause of a week is one
     */
    private static String weekly(String name, boolean alternates) {
        int[] seen = new int[3];
        for (long seed = 0; seed < RUNS; seed++) {
            Learner dog = new Learner(0.95, 0, seed);
            List<Session> sessions = new ArrayList<>();
            boolean begins = false;
            int weeks = 0;
            for (int week = 0; week < 12 && weeks == 0; week++) {
                Session next = dog.next();
                Refresh how = Refresh.of(!sessions.isEmpty() && new Run(5, Spread.NONE).check(new Visit(sessions)).rulePassed(), false, false);
                int work = !begins ? next.reps().size() : how == Refresh.COLD_CHECK ? 1 : Refresh.EASIER_REPS - 1;
                LocalDate day = LocalDate.of(2026, 3, 2).plusWeeks(week);
                Session kept = shifted(new Session(next.person(), next.place(), next.day(), true, next.reps().subList(0, Math.min(work, next.reps().size()))), ChronoUnit.DAYS.between(next.day(), day));
                sessions.add(kept);
                Case at = new Case(TrackKind.SKILL, new Run(5, Spread.NONE), Case.STALE_DAYS, new Visit(sessions), new Case.Step(1, 3, false, false, 7L * week),
                        new Case.History(false, OptionalLong.of(0), 0, Optional.empty(), PersonGap.Before.NONE));
                boolean refreshed = alternates && Refresh.wasLatest(sessions.stream().map(Session::day).toList(), Case.STALE_DAYS);
                Case aWeekLater = new Case(at.kind(), at.rule(), at.staleDays(), at.visit(), at.step(), new Case.History(false, OptionalLong.of(7), 0, Optional.empty(), PersonGap.Before.NONE, refreshed));
                Suggestion atClose = Judge.decide(at);
                Suggestion stands = Standing.merge(Optional.of(atClose).filter(Suggestion::staysOpen), Judge.decide(aWeekLater));
                begins = stands.decision() == Decision.REFRESH;
                weeks = stands.decision() == Decision.UP ? week + 1 : 0;
            }
            for (int n = 0; n < seen.length; n++) {
                seen[n] += weeks > 0 && weeks <= 4 * (n + 1) ? 1 : 0;
            }
        }
        return "| " + name + " | " + seen[0] + " | " + seen[1] + " | " + seen[2] + " |";
    }

    @Test
    void aWeeklyOwnerGetsOn() throws IOException {
        Rehearsed.rows("weekly", List.of(weekly("every pause of a week is a beginning", false), weekly("never two running", true)));
    }
}

package cahier.core.decide;

import cahier.core.decide.Reason.Code;
import cahier.core.measure.Headway;
import cahier.core.measure.Measure;
import cahier.core.measure.NoCalmer;
import cahier.core.pass.PassCheck;
import cahier.core.rep.Evidence;
import cahier.core.rep.Outcome;
import cahier.core.rep.Rep;
import cahier.core.rep.Session;
import cahier.core.rep.Visit;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The decision on one track: the first line of docs/rules.md 4 that holds. A pure function of the {@link Case}. */
public final class Judge {

    static final int TOO_OFTEN = 3;
    /** How many of the track's last WORK reps are looked back over for TOO_MUCH ({@link Case.History}). */
    public static final int TOO_OFTEN_REPS = 60;
    static final int RATE_REPS = 10;
    static final int RATE_SESSIONS = 2;
    static final int SKILL_CLEAN_LEAST = 5;
    static final int COMFORT_OFF_MOST = 5;
    static final int SKILL_TOO_MUCH = 2;
    static final int COMFORT_TOO_MUCH = 1;
    static final int MANY_REPS = 60;
    static final int MANY_REPS_RATE_OF = 20;
    static final double MANY_REPS_RATE = 0.8;
    static final int STUCK_REPS = 100;
    static final int STUCK_DAYS = 42;
    /** Looks at the cue, without five by itself that came nearer than before. */
    static final int CUED_REPS = 20;

    private final Case given;
    private final Visit recent;
    private final Evidence evidence;
    private final Visit counted;
    private final PassCheck check;
    private final Slump slump;

    private Judge(Case given, Slump slump) {
        this.given = given;
        this.slump = slump;
        this.recent = given.visit().recent();
        this.evidence = Evidence.of(given.visit());
        this.counted = given.visit().counted(given.staleDays());
        this.check = given.rule().check(counted);
    }

    /** The suggestion for this case. */
    public static Suggestion decide(Case given) {
        return decide(given, Slump.FIVE_MORE);
    }

    /** The same by another rule of when a step is too hard, to compare them. */
    public static Suggestion decide(Case given, Slump slump) {
        Judge judge = new Judge(given, slump);
        if (given.visit().isEmpty()) {
            return judge.nothingYet();
        }
        return judge.call()
                .or(judge::back)
                .or(judge::refresh)
                .or(judge::up)
                .or(judge::tooLong)
                .orElseGet(judge::notYet);
    }

    private Suggestion nothingYet() {
        if (given.history().alarmOpen()) {
            return say(Decision.CALL, Cause.ALARM, Reason.of(Code.ALARM_OPEN, 1, 0));
        }
        return refresh().orElseGet(this::notYet);
    }

    private Optional<Suggestion> call() {
        if (given.history().alarmOpen()) {
            return Optional.of(say(Decision.CALL, Cause.ALARM, Reason.of(Code.ALARM_OPEN, 1, 0)));
        }
        int unsettled = unsettledTooMuch();
        int inLast60 = given.history().tooMuchInLast60();
        if (unsettled >= TOO_OFTEN || inLast60 >= TOO_OFTEN) {
            return Optional.of(say(Decision.CALL, Cause.TOO_MUCH_OFTEN, unsettled >= TOO_OFTEN
                    ? Reason.of(Code.TOO_MUCH_RECENT, unsettled, recent.sessions().size())
                    : Reason.of(Code.TOO_MUCH_IN_LAST, inLast60, TOO_OFTEN_REPS)));
        }
        int inLatest = recent.sessions().get(recent.sessions().size() - 1).tooMuch();
        if (inLatest > 0 && given.step().enteredAfterTooMuch()) {
            return Optional.of(say(Decision.CALL, Cause.TOO_MUCH_AGAIN, Reason.of(Code.TOO_MUCH_IN_LATEST, inLatest, 0)));
        }
        return Optional.empty();
    }

    /** TOO_MUCH in the recent sessions that no answered CALL has settled. */
    private int unsettledTooMuch() {
        Instant since = given.history().callAnsweredAt().orElse(Instant.MIN);
        return (int) recent.sessions().stream().flatMap(s -> s.reps().stream())
                .filter(Rep::isTooMuch).filter(r -> r.at().isAfter(since)).count();
    }

    private Optional<Suggestion> back() {
        boolean comfort = given.kind() == TrackKind.COMFORT && !isMeasured(); // what adjusts itself has already given way once
        int tooMuch = recent.tooMuch();
        if (tooMuch >= (comfort ? COMFORT_TOO_MUCH : SKILL_TOO_MUCH)) {
            return Optional.of(stepDown(Cause.TOO_MUCH, Reason.of(Code.TOO_MUCH_RECENT, tooMuch, recent.sessions().size())));
        }
        return noCalmer().or(() -> lowRate().map(reason -> unlessOnePerson(Cause.LOW_RATE, reason)))
                .or(() -> blockSaysBack().map(reason -> unlessOnePerson(Cause.BLOCK, reason)));
    }

    /** A person must look: sitting on is no cure. Only what came after the last answered CALL says so. */
    private Optional<Suggestion> noCalmer() {
        Instant since = given.history().callAnsweredAt().orElse(Instant.MIN);
        return given.rule().measure().filter(m -> m.kind() == Measure.Kind.SITTING)
                .flatMap(m -> NoCalmer.of(given.visit().sessions().stream().filter(s -> s.start().isAfter(since)).toList()))
                .map(n -> say(Decision.CALL, Cause.NO_CALMER, Reason.of(Code.CALM_PERCENT, n.latest(), n.first())));
    }

    /** Whether the step adjusts its own criterion (docs/rules.md 39). */
    private boolean isMeasured() {
        return given.rule().measure().isPresent();
    }

    private Suggestion unlessOnePerson(Cause cause, Reason reason) {
        return PersonGap.find(given.visit()).map(gap -> personGap(gap, reason)).orElseGet(() -> stepDown(cause, reason));
    }

    private Optional<Reason> blockSaysBack() {
        return given.rule().back(counted).stream().mapToObj(clean -> Reason.of(Code.CLEAN_OF_BLOCK, clean, given.rule().least())).findFirst();
    }

    private Optional<Reason> lowRate() {
        return slumped().or(this::lowShare);
    }

    /** At once, so that no owner practises failing until ten reps and two sessions are full. */
    private Optional<Reason> slumped() {
        if (slump == Slump.TEN_REPS || given.kind() != TrackKind.SKILL || isMeasured()) {
            return Optional.empty();
        }
        int depth = Slump.depth(given.visit().work().stream().map(Rep::outcome).toList());
        return depth >= Slump.DEPTH ? Optional.of(Reason.of(Code.MORE_OFF_THAN_CLEAN, depth, 0)) : Optional.empty();
    }

    private Optional<Reason> lowShare() {
        if (given.visit().sessions().size() < RATE_SESSIONS || evidence.reps() < RATE_REPS) {
            return Optional.empty();
        }
        int clean = evidence.count(Outcome.CLEAN, RATE_REPS);
        if (given.kind() == TrackKind.SKILL && !isMeasured()) {
            return clean < SKILL_CLEAN_LEAST ? Optional.of(Reason.of(Code.CLEAN_OF_LAST, clean, RATE_REPS)) : Optional.empty();
        }
        int off = evidence.count(Outcome.MISSED, RATE_REPS) + evidence.count(Outcome.TOO_MUCH, RATE_REPS);
        return off > COMFORT_OFF_MOST ? Optional.of(Reason.of(Code.OFF_OF_LAST, off, RATE_REPS)) : Optional.empty();
    }

    private Suggestion personGap(PersonGap gap, Reason lowRate) {
        int times = given.history().gap().with(gap);
        List<Reason> reasons = List.of(lowRate,
                new Reason(Code.OTHERS_CLEAN, gap.othersClean(), PersonGap.REPS, gap.person()),
                Reason.of(Code.GAP_IN_A_ROW, times, PersonGap.CALL_AT));
        return new Suggestion(times >= PersonGap.CALL_AT ? Decision.CALL : Decision.STAY, Cause.PERSON_GAP,
                reasons, check.missing(), Optional.of(gap));
    }

    /** BACK, or what BACK turns into on the first step and on a step that was left by BACK before; the cause is kept. */
    private Suggestion stepDown(Cause cause, Reason reason) {
        if (given.step().isFirst()) {
            boolean call = cause == Cause.TOO_MUCH || given.kind() == TrackKind.COMFORT;
            return say(call ? Decision.CALL : Decision.SPLIT, cause, reason);
        }
        if (given.step().leftByBackBefore()) {
            return say(Decision.SPLIT, cause, reason, Reason.of(Code.LEFT_BEFORE, 1, 0));
        }
        return say(Decision.BACK, cause, reason);
    }

    private Optional<Suggestion> refresh() {
        Refresh how = Refresh.of(check.rulePassed() && !given.visit().isEmpty(), given.step().isFirst(), isMeasured());
        return given.history().daysSinceRep().stream().boxed().filter(days -> days >= given.staleDays() && !given.history().refreshedLast()).findFirst()
                .map(days -> say(Decision.REFRESH, Cause.STALE, Reason.of(Code.DAYS_SINCE_REP, days, 0), Reason.of(Code.of(how), 1, 0)));
    }

    private Optional<Suggestion> up() {
        if (!check.passed()) {
            return Optional.empty();
        }
        int tooMuch = recent.tooMuch();
        if (tooMuch > 0) {
            return Optional.of(say(Decision.STAY, Cause.TOO_MUCH_RECENT,
                    Reason.of(Code.TOO_MUCH_RECENT, tooMuch, recent.sessions().size()), run()));
        }
        return Optional.of(say(given.step().isLast() ? Decision.DONE : Decision.UP, Cause.PASSED, run(), cleanOfLast()));
    }

    private Optional<Suggestion> tooLong() {
        return given.rule().measure().map(this::noHeadway).orElseGet(this::manyReps);
    }

    /** What measures is never split: it adjusts itself. A person must look where it gets no further. */
    private Optional<Suggestion> noHeadway(Measure measure) {
        Headway headway = Headway.of(measure, given.visit().sessions());
        long days = headway.day().map(this::daysSince).orElse(given.step().daysInVisit());
        boolean cued = measure.kind().isNearer() && headway.helpedSince() >= CUED_REPS;
        return headway.repsSince() >= STUCK_REPS || days >= STUCK_DAYS || cued
                ? Optional.of(say(Decision.CALL, Cause.STUCK, Reason.of(Code.REPS_NO_FURTHER, headway.repsSince(), 0), Reason.of(Code.DAYS_NO_FURTHER, days, 0), cleanOfLast()))
                : Optional.empty();
    }

    private long daysSince(LocalDate day) {
        List<Session> sessions = given.visit().sessions();
        return ChronoUnit.DAYS.between(day, sessions.get(sessions.size() - 1).day()) + given.history().daysSinceRep().orElse(0);
    }

    private Optional<Suggestion> manyReps() {
        Reason reps = Reason.of(Code.REPS_IN_VISIT, evidence.reps(), 0);
        boolean unsure = evidence.rate(MANY_REPS_RATE_OF).orElse(1) < MANY_REPS_RATE;
        if (evidence.reps() >= MANY_REPS && unsure && !check.rulePassed()) {
            return Optional.of(say(Decision.SPLIT, Cause.MANY_REPS, reps, cleanOfLast()));
        }
        if (evidence.reps() >= STUCK_REPS || given.step().daysInVisit() >= STUCK_DAYS) {
            return Optional.of(say(Decision.CALL, Cause.STUCK, reps,
                    Reason.of(Code.DAYS_IN_VISIT, given.step().daysInVisit(), 0), cleanOfLast()));
        }
        return Optional.empty();
    }

    private Suggestion notYet() {
        List<Reason> reasons = new ArrayList<>();
        int inLatest = given.visit().isEmpty() ? 0 : given.visit().sessions().get(given.visit().sessions().size() - 1).tooMuch();
        if (isMeasured() && inLatest > 0) {
            return say(Decision.STAY, Cause.GAVE_WAY, Reason.of(Code.TOO_MUCH_RECENT, inLatest, 1), cleanOfLast());
        }
        if (evidence.reps() > 0) {
            reasons.addAll(List.of(run(), cleanOfLast()));
        }
        int tooMuch = recent.tooMuch();
        if (tooMuch > 0) {
            reasons.add(Reason.of(Code.TOO_MUCH_RECENT, tooMuch, recent.sessions().size()));
        }
        if (counted.sessions().size() < given.visit().sessions().size()) {
            reasons.add(Reason.of(Code.AFTER_PAUSE, counted.sessions().size(), 0));
        }
        return say(Decision.STAY, Cause.NOT_YET, reasons.toArray(Reason[]::new));
    }

    private Reason run() {
        return Reason.of(Code.RUN, evidence.run(), 0);
    }

    private Reason cleanOfLast() {
        int reps = Math.min(MANY_REPS_RATE_OF, evidence.reps());
        return Reason.of(Code.CLEAN_OF_LAST, evidence.count(Outcome.CLEAN, MANY_REPS_RATE_OF), reps);
    }

    private Suggestion say(Decision decision, Cause cause, Reason... reasons) {
        return new Suggestion(decision, cause, List.of(reasons), check.missing(), Optional.empty());
    }
}

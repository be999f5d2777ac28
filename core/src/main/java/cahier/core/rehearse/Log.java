package cahier.core.rehearse;

import cahier.core.decide.Case;
import cahier.core.decide.Cause;
import cahier.core.decide.Decision;
import cahier.core.decide.Judge;
import cahier.core.decide.PersonGap;
import cahier.core.decide.Refresh;
import cahier.core.decide.Replay;
import cahier.core.decide.Standing;
import cahier.core.decide.Suggestion;
import cahier.core.decide.TrackKind;
import cahier.core.rep.Outcome;
import cahier.core.rep.Rep;
import cahier.core.rep.Role;
import cahier.core.rep.Session;
import cahier.core.rep.Visit;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What a made-up household has tapped, as the rules see it, and what stands in the margin. */
final class Log {

    private static final LocalDate FIRST = LocalDate.of(2026, 3, 2);
    private static final int HOUR = 9;
    private static final int HOURS_APART = 5;
    private static final int SECONDS_A_REP = 30;

    /** What an answer does to the dog's place. */
    enum Move {
        UP, BACK, SPLIT, NONE
    }

    private final TrackKind kind;
    private final Ladder ladder;
    private final Rules rules;
    private final List<Session> visit = new ArrayList<>();
    private final List<LocalDate> days = new ArrayList<>();
    private final List<Instant> tooMuch = new ArrayList<>();
    private final List<Instant> all = new ArrayList<>();
    private final List<Standing.Past> past = new ArrayList<>();
    private List<Rep> open = new ArrayList<>();
    private LocalDate today = FIRST;
    private LocalDate entered = FIRST;
    private Instant now = FIRST.atTime(HOUR, 0).toInstant(ZoneOffset.UTC);
    private String person = "";
    private String place = "";
    private boolean cold;
    private boolean enteredAfterTooMuch;
    private int repsToday;
    private Optional<Suggestion> stands = Optional.empty();
    private Optional<Standing.Answer> answer = Optional.empty();
    private Optional<Instant> callAnswered = Optional.empty();

    Log(TrackKind kind, Ladder ladder, Rules rules) {
        this.kind = kind;
        this.ladder = ladder;
        this.rules = rules;
    }

    void begin(int day, int nth, String person, String place) {
        today = FIRST.plusDays(day);
        now = today.atTime(HOUR + HOURS_APART * nth, 0).toInstant(ZoneOffset.UTC);
        this.person = person;
        this.place = place;
        cold = true;
        open = new ArrayList<>();
    }

    void add(Outcome outcome, Role role) {
        now = now.plusSeconds(SECONDS_A_REP);
        open.add(new Rep(new UUID(0, all.size()), now, outcome, role));
        all.add(now);
        repsToday++;
        if (outcome == Outcome.TOO_MUCH) {
            tooMuch.add(now);
        }
        ladder.practised();
        if (days.isEmpty() || !days.get(days.size() - 1).equals(today)) {
            days.add(today);
        }
    }

    boolean practisedToday() {
        return !days.isEmpty() && days.get(days.size() - 1).equals(today);
    }

    int repsToday() {
        int reps = repsToday;
        repsToday = 0;
        return reps;
    }

    void close() {
        sitting().ifPresent(visit::add);
        open = new ArrayList<>();
    }

    /** A visit to another step begins, perhaps in the midst of a session. */
    void enter() {
        visit.clear();
        open = new ArrayList<>();
        cold = false;
        entered = today;
        stands = Optional.empty();
    }

    private Optional<Session> sitting() {
        return open.isEmpty() ? Optional.empty() : Optional.of(new Session(person, place, today, cold && open.get(0).isWork(), open));
    }

    /** What the rules say now, merged with what stands. */
    void judge() {
        Suggestion fresh = said(OptionalLong.of(0), false);
        Optional<Instant> closed = Optional.of(now);
        stands = Standing.isAnswered(fresh, answer, closed) ? Optional.empty() : Optional.of(Standing.merge(stands, fresh));
    }

    /** Whether the reps so far, the session that is open included, let a SKILL go on. */
    boolean goesUp() {
        return kind == TrackKind.SKILL && ladder.step().rule().check(soFar().counted(Case.STALE_DAYS)).passed() && said(OptionalLong.of(0), false).decision() == Decision.UP;
    }

    /** How a session begins that is the first after a pause; null for an ordinary one. */
    @Nullable Refresh refresh() {
        if (days.isEmpty()) {
            return null;
        }
        long since = ChronoUnit.DAYS.between(days.get(days.size() - 1), today);
        if (since < Case.STALE_DAYS || isOpen()) {
            return null;
        }
        return said(OptionalLong.of(since), Refresh.wasLatest(days, Case.STALE_DAYS)).refresh().orElse(null);
    }

    private Visit soFar() {
        List<Session> sessions = new ArrayList<>(visit);
        sitting().ifPresent(sessions::add);
        return new Visit(sessions);
    }

    private Suggestion said(OptionalLong sinceRep, boolean refreshedLast) {
        Case given = new Case(kind, ladder.step().rule(), Case.STALE_DAYS, soFar(),
                new Case.Step(ladder.at(), ladder.count(), enteredAfterTooMuch, ladder.wasLeftByBack(), ChronoUnit.DAYS.between(entered, today)),
                new Case.History(false, sinceRep, tooMuchInLast(), callAnswered, PersonGap.Before.NONE, refreshedLast));
        Suggestion said = Judge.decide(given, rules.slump());
        return said.gap().isEmpty() ? said : Judge.decide(given.after(Replay.gapBeforeLast(given)), rules.slump());
    }

    private int tooMuchInLast() {
        Instant from = all.size() > Judge.TOO_OFTEN_REPS ? all.get(all.size() - Judge.TOO_OFTEN_REPS) : Instant.MIN;
        Instant since = callAnswered.orElse(Instant.MIN);
        return (int) tooMuch.stream().filter(at -> !at.isBefore(from) && at.isAfter(since)).count();
    }

    boolean isOpen() {
        return stands.filter(Suggestion::staysOpen).isPresent();
    }

    /** Whether the step is not practised until somebody has decided. */
    boolean rests() {
        return stands.filter(s -> s.staysOpen() && s.cause().restsTheStep()).isPresent();
    }

    /** Of whom the trainer is told that the dog goes worse with them. */
    Optional<String> gap() {
        return stands.flatMap(Suggestion::gap).map(PersonGap::person);
    }

    Decision decision() {
        return stands.orElseThrow().decision();
    }

    boolean appliesByItself() {
        boolean afterTooMuch = Standing.isAfterTooMuch(past);
        Optional<Suggestion> now = stands.filter(Suggestion::staysOpen);
        return now.filter(s -> Standing.appliesByItself(s, afterTooMuch) || rules.splits() && Standing.splitsByItself(s, kind)).isPresent();
    }

    /** The answer to what stands: as suggested; a call takes it down after too much, splits the step where it is stuck. */
    Move answered(Decision decision, boolean byTrainer) {
        Suggestion said = stands.orElseThrow();
        Cause cause = said.cause();
        past.add(0, new Standing.Past(cause, decision, byTrainer));
        answer = Optional.of(new Standing.Answer(cause, now));
        stands = Optional.empty();
        enteredAfterTooMuch = false;
        return switch (decision) {
            case UP, DONE -> Move.UP;
            case BACK -> {
                enteredAfterTooMuch = cause == Cause.TOO_MUCH;
                yield Move.BACK;
            }
            case SPLIT -> {
                enteredAfterTooMuch = cause == Cause.TOO_MUCH;
                yield Move.SPLIT;
            }
            case CALL -> {
                callAnswered = Optional.of(now);
                if (cause == Cause.PERSON_GAP) {
                    yield Move.NONE;
                }
                yield cause.restsTheStep() && !ladder.isFirst() ? Move.BACK : Move.SPLIT;
            }
            case STAY, REFRESH -> Move.NONE;
        };
    }
}

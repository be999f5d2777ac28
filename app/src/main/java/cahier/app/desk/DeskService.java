package cahier.app.desk;

import cahier.app.account.AccountService;
import cahier.app.alarm.Alarm;
import cahier.app.alarm.Alarms;
import cahier.app.ask.Question;
import cahier.app.ask.Questions;
import cahier.app.draw.FourteenDays;
import cahier.app.draw.Glyph;
import cahier.app.household.Dog;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.judge.Decided;
import cahier.app.judge.Judgements;
import cahier.app.judge.SuggestionWords;
import cahier.app.lesson.Clashes;
import cahier.app.log.PracticeDay;
import cahier.app.log.PractisedBeside;
import cahier.app.log.RepLog;
import cahier.app.scope.AskedTogether;
import cahier.app.scope.PracticeId;
import cahier.app.web.Dates;
import cahier.core.decide.Cause;
import cahier.core.decide.Decision;
import cahier.core.lesson.Triage;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sorts the households by who needs the trainer first (docs/rules.md 20). */
@Service
@Transactional
class DeskService {

    /** Silence is looked for this far back. */
    private static final int LOOK_BACK_DAYS = 60;
    /** A lesson further ahead is not said yet. */
    private static final int AHEAD_DAYS = 400;
    /** Bars are drawn against this when a household has no dose yet. */
    private static final int USUAL_DOSE = 20;
    /** Characters of a question that the desk has room for. */
    private static final int SHOWN = 60;
    private static final Duration SOON = Duration.ofHours(24);
    /** Reasons that are said in words. */
    private static final int SAID = 2;

    private final AccountService accounts;
    private final Households households;
    private final Judgements judgements;
    private final DeskMapper desk;
    private final RepLog log;
    private final Alarms alarms;
    private final Questions questions;
    private final PractisedBeside beside;
    private final AskedTogether together;
    private final Clashes clashes;

    DeskService(AccountService accounts, Households households, Judgements judgements, DeskMapper desk, RepLog log, Alarms alarms,
                Questions questions, PractisedBeside beside, AskedTogether together, Clashes clashes) {
        this.clashes = clashes;
        this.together = together;
        this.beside = beside;
        this.accounts = accounts;
        this.households = households;
        this.judgements = judgements;
        this.desk = desk;
        this.log = log;
        this.alarms = alarms;
        this.questions = questions;
    }

    /** The whole desk. */
    Desk desk(PracticeId practice, Instant now) {
        ZoneId zone = accounts.zone(practice);
        LocalDate today = now.atZone(zone).toLocalDate();
        Instant lookBack = now.minus(LOOK_BACK_DAYS, ChronoUnit.DAYS);
        together.ask(() -> beside.latest(practice, lookBack), () -> alarms.open(practice), () -> questions.open(practice));
        List<Lesson> since = households.lessonsBetween(practice, now.minus(FourteenDays.DAYS, ChronoUnit.DAYS), now.plus(AHEAD_DAYS, ChronoUnit.DAYS));
        Map<Long, Lesson> lessons = since.stream().filter(l -> l.endsAt().isAfter(now) && !l.isOver()).collect(Collectors.toMap(Lesson::householdId, Function.identity(), (first, later) -> first));
        Map<Long, List<Dog>> dogs = desk.dogs(practice).stream().collect(Collectors.groupingBy(DeskMapper.DogRow::householdId,
                Collectors.mapping(DeskMapper.DogRow::dog, Collectors.toList())));
        Map<Long, List<Decided>> open = judgements.allOpen(practice).values().stream().collect(Collectors.groupingBy(Decided::householdId));
        Map<Long, List<PracticeDay>> days = log.daysSince(practice, today.minusDays(LOOK_BACK_DAYS)).stream()
                .collect(Collectors.groupingBy(PracticeDay::householdId));
        Map<Long, Integer> doses = desk.doses(practice).stream().collect(Collectors.toMap(DeskMapper.Dose::householdId, DeskMapper.Dose::reps));
        Map<Long, List<LocalDate>> lessonDays = since.stream()
                .collect(Collectors.groupingBy(Lesson::householdId,
                        Collectors.mapping(l -> l.startsAt().atZone(zone).toLocalDate(), Collectors.toList())));
        Map<Long, Instant> beyondSteps = beside.latest(practice, lookBack);
        Set<Long> alarmed = alarms.open(practice).stream().map(Alarm::householdId).collect(Collectors.toSet());
        Map<Long, Question> asked = questions.open(practice).stream().collect(Collectors.toMap(Question::householdId, Function.identity(), (first, later) -> first));
        List<DeskRow> rows = households.all(practice).stream().map(h -> row(h, now, new Gathered(
                dogs.getOrDefault(h.id(), List.of()), open.getOrDefault(h.id(), List.of()), days.getOrDefault(h.id(), List.of()),
                Optional.ofNullable(lessons.get(h.id())), doses.getOrDefault(h.id(), USUAL_DOSE), lessonDays.getOrDefault(h.id(), List.of()),
                alarmed.contains(h.id()), Optional.ofNullable(asked.get(h.id())), Optional.ofNullable(beyondSteps.get(h.id())))))
                .sorted(Comparator.comparingDouble(DeskRow::points).reversed()
                        .thenComparing(r -> r.lesson().map(Lesson::startsAt).orElse(Instant.MAX))).toList();
        Map<Long, DeskRow> byHousehold = rows.stream().collect(Collectors.toMap(r -> r.household().id(), Function.identity()));
        List<Lesson> todays = since.stream().filter(l -> l.startsAt().atZone(zone).toLocalDate().equals(today) && byHousehold.containsKey(l.householdId())).toList();
        Map<Long, List<Clashes.Clash>> runInto = clashes.of(practice, todays);
        List<Desk.Appointment> visits = todays.stream().map(l -> new Desk.Appointment(Objects.requireNonNull(byHousehold.get(l.householdId())), l, !l.endsAt().isAfter(now), -1,
                Clashes.overlapping(runInto.getOrDefault(l.id(), List.of())).stream().map(c -> c.words(zone)).collect(Collectors.joining("; ")))).toList();
        int waiting = (int) open.values().stream().flatMap(List::stream).filter(d -> d.grounds().suggestion().staysOpen()).count();
        return new Desk(today, zone, Dates.time(now, zone), gaps(visits), rows, rows.size(), null, 1, 1, waiting);
    }

    /** How long the trainer has between one lesson of the day and the next. */
    private static List<Desk.Appointment> gaps(List<Desk.Appointment> visits) {
        List<Desk.Appointment> gapped = new ArrayList<>();
        for (int i = 0; i < visits.size(); i++) {
            Desk.Appointment v = visits.get(i);
            int gap = i == 0 ? -1 : (int) ChronoUnit.MINUTES.between(visits.get(i - 1).lesson().endsAt(), v.lesson().startsAt());
            gapped.add(new Desk.Appointment(v.row(), v.lesson(), v.past(), gap, v.clash()));
        }
        return gapped;
    }

    private record Gathered(List<Dog> dogs, List<Decided> open, List<PracticeDay> days, Optional<Lesson> lesson, int dose,
                            List<LocalDate> lessonDays, boolean alarmed, Optional<Question> asked, Optional<Instant> beyondSteps) {
    }

    private DeskRow row(Household household, Instant now, Gathered g) {
        LocalDate today = now.atZone(household.zone()).toLocalDate();
        List<Triage.Reason> reasons = new ArrayList<>();
        g.open().forEach(d -> code(d).ifPresent(code -> reasons.add(new Triage.Reason(code, 0, d.trackId()))));
        Stream<LocalDate> practised = Stream.concat(g.days().stream().filter(d -> d.reps() > 0).map(PracticeDay::day), g.beyondSteps().stream().map(at -> at.atZone(household.zone()).toLocalDate()));
        practised.max(Comparator.naturalOrder()).ifPresent(last ->
                reasons.add(new Triage.Reason(Triage.Code.SILENT, Math.max(0, ChronoUnit.DAYS.between(last, today)), 0)));
        if (g.alarmed() && reasons.stream().noneMatch(r -> r.code() == Triage.Code.ALARM)) {
            reasons.add(new Triage.Reason(Triage.Code.ALARM, 0, 0));   // of a dog that has no track yet
        }
        g.asked().ifPresent(q -> reasons.add(new Triage.Reason(Triage.Code.QUESTION, 0, 0)));
        g.lesson().filter(l -> l.state() == Lesson.State.PLANNED && l.startsAt().isAfter(now) && l.startsAt().isBefore(now.plus(SOON)))
                .ifPresent(l -> reasons.add(new Triage.Reason(Triage.Code.LESSON_SOON, 0, 0)));
        List<Triage.Reason> strongest = Triage.strongest(reasons);
        String lessonAt = g.lesson().map(l -> Dates.moment(l.startsAt(), household.zone(), today)).orElse("");
        String dogs = g.dogs().stream().map(Dog::briefly).collect(Collectors.joining(" · "));
        Optional<Triage.Reason> first = strongest.stream().findFirst();
        Optional<Decided> decided = first.flatMap(r -> decided(r, g));
        String second = strongest.stream().skip(1).findFirst().map(r -> verdict(r, decided(r, g)) + " " + why(r, decided(r, g), g)).orElse("");
        return new DeskRow(household, dogs, first.map(r -> glyph(r, decided)), first.map(r -> verdict(r, decided)).orElse(""),
                first.map(r -> why(r, decided, g)).orElse("Nothing is waiting."), second, Math.max(0, strongest.size() - SAID), Triage.points(reasons), kinds(strongest), g.asked(),
                g.lesson(), lessonAt, FourteenDays.of(days(g.days()), today, g.dose(), g.lessonDays()));
    }

    private static Optional<Decided> decided(Triage.Reason reason, Gathered g) {
        return g.open().stream().filter(d -> d.trackId() == reason.track()).findFirst();
    }

    private static Set<DeskRow.Kind> kinds(List<Triage.Reason> reasons) {
        return reasons.stream().map(r -> switch (r.code()) {
            case QUESTION -> DeskRow.Kind.QUESTION;
            case LESSON_SOON -> DeskRow.Kind.LESSON;
            case SILENT -> DeskRow.Kind.SILENT;
            default -> DeskRow.Kind.DECISION;
        }).collect(Collectors.toSet());
    }

    /** What an open suggestion weighs; staying and not yet passed weigh nothing. */
    private static Optional<Triage.Code> code(Decided decided) {
        boolean tooMuch = decided.cause() == Cause.TOO_MUCH;
        return Optional.ofNullable(switch (decided.suggested()) {
            case CALL -> decided.cause() == Cause.ALARM ? Triage.Code.ALARM : Triage.Code.CALL;
            case BACK -> tooMuch ? Triage.Code.BACK_TOO_MUCH : Triage.Code.BACK;
            case SPLIT -> tooMuch ? Triage.Code.SPLIT_TOO_MUCH : Triage.Code.SPLIT;
            case UP -> Triage.Code.UP;
            case DONE -> Triage.Code.DONE;
            case REFRESH -> Triage.Code.REFRESH;
            case STAY -> switch (decided.cause()) {
                case TOO_MUCH_RECENT, GAVE_WAY -> Triage.Code.TOO_MUCH_RECENT;
                case PERSON_GAP -> Triage.Code.PERSON_GAP;
                case REOPENED -> Triage.Code.REOPENED;
                default -> null;
            };
        });
    }

    private static Glyph glyph(Triage.Reason reason, Optional<Decided> decided) {
        return switch (reason.code()) {
            case PERSON_GAP -> Glyph.HANDLERS;
            case ALARM -> Glyph.CALL;
            case QUESTION, LESSON_SOON -> Glyph.NOTE;
            default -> decided.map(d -> Glyph.of(d.suggested())).orElse(Glyph.NONE);
        };
    }

    private static String verdict(Triage.Reason reason, Optional<Decided> decided) {
        return switch (reason.code()) {
            case PERSON_GAP -> Glyph.HANDLERS.getLabel() + ".";
            case ALARM -> SuggestionWords.verdict(Decision.CALL) + ".";
            case QUESTION -> "A question.";
            case LESSON_SOON -> "Lesson soon.";
            default -> decided.map(d -> SuggestionWords.verdict(d.suggested(), d.cause()) + ".").orElse(Glyph.NONE.getLabel());
        };
    }

    private static String why(Triage.Reason reason, Optional<Decided> decided, Gathered g) {
        return switch (reason.code()) {
            case ALARM -> "Stop and call was pressed.";
            case QUESTION -> g.asked().map(q -> "“" + (q.words().length() > SHOWN ? q.words().substring(0, SHOWN).strip() + "…" : q.words()) + "”").orElse("");
            case LESSON_SOON -> "Not prepared yet.";
            case SILENT -> "for " + reason.days() + " days";
            default -> decided.map(d -> SuggestionWords.headline(d.grounds())).orElse("");
        };
    }

    private static Map<LocalDate, FourteenDays.Day> days(List<PracticeDay> days) {
        Map<LocalDate, FourteenDays.Day> byDay = new HashMap<>();
        days.forEach(d -> byDay.merge(d.day(), new FourteenDays.Day(d.reps(), d.clean(), d.tooMuch() > 0), (a, b) ->
                new FourteenDays.Day(a.reps() + b.reps(), a.clean() + b.clean(), a.tooMuch() || b.tooMuch())));
        return byDay;
    }
}

package cahier.app.desk;

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
import cahier.app.language.Words;
import cahier.app.log.PracticeDay;
import cahier.app.log.RepLog;
import cahier.app.scope.AskedTogether;
import cahier.app.scope.Ids;
import cahier.app.scope.PracticeId;
import cahier.app.web.Dates;
import cahier.core.decide.Decision;
import cahier.core.lesson.Triage;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What the desk says of some households: so many questions for a page, however many households the practice has. */
@Component
class DeskRows {

    /** Bars are drawn against this when a household has no dose yet. */
    private static final int USUAL_DOSE = 20;
    /** Characters of a question that the desk has room for. */
    private static final int SHOWN = 60;
    /** Reasons that are said in words. */
    private static final int SAID = 2;

    private final Households households;
    private final Judgements judgements;
    private final DeskMapper desk;
    private final RepLog log;
    private final Questions questions;
    private final AskedTogether together;

    DeskRows(Households households, Judgements judgements, DeskMapper desk, RepLog log, Questions questions, AskedTogether together) {
        this.households = households;
        this.judgements = judgements;
        this.desk = desk;
        this.log = log;
        this.questions = questions;
        this.together = together;
    }

    /** By household, in the order they are asked for; one that is closed is left out. */
    Map<Long, DeskRow> of(PracticeId practice, List<Long> wanted, DeskMapper.When when) {
        Instant now = when.now();
        if (wanted.isEmpty()) {
            return Map.of();
        }
        String ids = Ids.of(wanted);
        LocalDate since = now.atZone(ZoneId.of("UTC")).toLocalDate().minusDays(FourteenDays.DAYS + 1); // somewhere it is a day earlier
        together.ask(() -> households.these(practice, wanted), () -> desk.dogs(practice, ids), () -> desk.kept(practice, ids), () -> desk.doses(practice, ids), () -> judgements.openOf(practice, wanted),
                () -> log.daysSince(practice, wanted, since), () -> questions.oldestOpen(practice, wanted), () -> lessons(practice, wanted, when));
        Map<Long, Household> homes = households.these(practice, wanted);
        Map<Long, List<Dog>> dogs = desk.dogs(practice, ids).stream().collect(Collectors.groupingBy(DeskMapper.DogRow::householdId, Collectors.mapping(DeskMapper.DogRow::dog, Collectors.toList())));
        Map<Long, DeskMapper.Kept> kept = desk.kept(practice, ids).stream().collect(Collectors.toMap(DeskMapper.Kept::householdId, Function.identity()));
        Map<Long, Integer> doses = desk.doses(practice, ids).stream().collect(Collectors.toMap(DeskMapper.Dose::householdId, DeskMapper.Dose::reps));
        Map<Long, List<Decided>> open = judgements.openOf(practice, wanted);
        Map<Long, List<PracticeDay>> days = log.daysSince(practice, wanted, since).stream().collect(Collectors.groupingBy(PracticeDay::householdId));
        Map<Long, Question> asked = questions.oldestOpen(practice, wanted);
        Map<Long, List<Lesson>> lessons = lessons(practice, wanted, when).stream().collect(Collectors.groupingBy(Lesson::householdId));
        Map<Long, DeskRow> rows = new LinkedHashMap<>();
        for (Long id : wanted) {
            Household home = homes.get(id);
            if (home == null || home.isClosed()) {
                continue;
            }
            List<Lesson> own = lessons.getOrDefault(id, List.of());
            Optional<DeskMapper.Kept> known = Optional.ofNullable(kept.get(id));
            rows.put(id, row(home, when, new Gathered(dogs.getOrDefault(id, List.of()), open.getOrDefault(id, List.of()), days.getOrDefault(id, List.of()),
                    own.stream().filter(l -> l.endsAt().isAfter(now) && !l.isOver()).findFirst(), doses.getOrDefault(id, USUAL_DOSE), own.stream().map(l -> l.startsAt().atZone(home.zone()).toLocalDate()).toList(),
                    known.filter(DeskMapper.Kept::alarmed).isPresent(), Optional.ofNullable(asked.get(id)),
                    known.map(DeskMapper.Kept::practisedOn).filter(d -> !d.isBefore(now.atZone(home.zone()).toLocalDate().minusDays(when.backDays()))))));
        }
        return rows;
    }

    private List<Lesson> lessons(PracticeId practice, List<Long> wanted, DeskMapper.When when) {
        return households.lessonsBetween(practice, wanted, when.now().minus(FourteenDays.DAYS, ChronoUnit.DAYS), when.ahead());
    }

    private record Gathered(List<Dog> dogs, List<Decided> open, List<PracticeDay> days, Optional<Lesson> lesson, int dose,
                            List<LocalDate> lessonDays, boolean alarmed, Optional<Question> asked, Optional<LocalDate> practisedOn) {
    }

    private static DeskRow row(Household household, DeskMapper.When when, Gathered g) {
        LocalDate today = when.now().atZone(household.zone()).toLocalDate();
        List<Triage.Reason> reasons = new ArrayList<>();
        g.open().forEach(d -> DeskWeights.code(d.suggested(), d.cause()).ifPresent(code -> reasons.add(new Triage.Reason(code, 0, d.trackId()))));
        g.practisedOn().ifPresent(last -> reasons.add(new Triage.Reason(Triage.Code.SILENT, Math.max(0, ChronoUnit.DAYS.between(last, today)), 0)));
        if (g.alarmed() && reasons.stream().noneMatch(r -> r.code() == Triage.Code.ALARM)) {
            reasons.add(new Triage.Reason(Triage.Code.ALARM, 0, 0));   // of a dog that has no track yet
        }
        g.asked().ifPresent(q -> reasons.add(new Triage.Reason(Triage.Code.QUESTION, 0, 0)));
        g.lesson().filter(l -> l.state() == Lesson.State.PLANNED && when.isSoon(l.startsAt()))
                .ifPresent(l -> reasons.add(new Triage.Reason(Triage.Code.LESSON_SOON, 0, 0)));
        List<Triage.Reason> strongest = Triage.strongest(reasons);
        String lessonAt = g.lesson().map(l -> Dates.moment(l.startsAt(), household.zone(), today)).orElse("");
        String dogs = g.dogs().stream().map(Dog::briefly).collect(Collectors.joining(" · "));
        Optional<Triage.Reason> first = strongest.stream().findFirst();
        Optional<Decided> decided = first.flatMap(r -> decided(r, g));
        String second = strongest.stream().skip(1).findFirst().map(r -> verdict(r, decided(r, g)) + " " + why(r, decided(r, g), g)).orElse("");
        return new DeskRow(household, dogs, first.map(r -> glyph(r, decided)), first.map(r -> verdict(r, decided)).orElse(""),
                first.map(r -> why(r, decided, g)).orElse(Words.say("desk.DeskRows.nothing-is-waiting")), second, Math.max(0, strongest.size() - SAID), Triage.points(reasons), kinds(strongest), g.asked(),
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
            case QUESTION -> Words.say("desk.DeskRows.a-question");
            case LESSON_SOON -> Words.say("desk.DeskRows.lesson-soon");
            default -> decided.map(d -> SuggestionWords.verdict(d.suggested(), d.cause()) + ".").orElse(Glyph.NONE.getLabel());
        };
    }

    private static String why(Triage.Reason reason, Optional<Decided> decided, Gathered g) {
        return switch (reason.code()) {
            case ALARM -> Words.say("desk.DeskRows.stop-and-call-was-pressed");
            case QUESTION -> g.asked().map(q -> "“" + (q.words().length() > SHOWN ? q.words().substring(0, SHOWN).strip() + "…" : q.words()) + "”").orElse("");
            case LESSON_SOON -> Words.say("desk.DeskRows.not-prepared-yet");
            case SILENT -> Words.say("desk.DeskRows.for-days", reason.days());
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

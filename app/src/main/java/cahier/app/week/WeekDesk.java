package cahier.app.week;

import cahier.app.household.Facts;
import cahier.app.roadmap.RoadmapTrack;
import cahier.app.scope.PracticeId;
import cahier.app.sheet.Assignment;
import cahier.app.sheet.Homework;
import cahier.core.week.Dose;
import cahier.core.week.WeekPlan;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What a week is planned from and held against: one household at one moment. */
record WeekDesk(PracticeId practice, Facts facts, WeekOf frame, Optional<Homework> sheet, List<RoadmapTrack> ways, List<Assignment> practised, Set<Long> stoppedToday, Map<Long, Integer> doneToday,
                Instant now) {

    /** A session may be late; after this it is missed. */
    static final Duration LATE = Duration.ofHours(2);
    /** What nobody announces (a flag, the heat) is noticed within this. */
    private static final Duration LOOK = Duration.ofMinutes(15);

    long household() {
        return facts.household().id();
    }

    LocalDate today() {
        return frame.first();
    }

    long sheetId() {
        return sheet.map(Homework::id).orElse(0L);
    }

    /** What counts as done today when a week is planned: of what was too much, all of it. */
    Map<Long, Integer> noMoreToday() {
        Map<Long, Integer> done = new HashMap<>(doneToday);
        practised.stream().filter(a -> stoppedToday.contains(a.stepId())).forEach(a -> done.merge(a.stepId(), a.plan().sessions(), Math::max));
        return done;
    }

    /** Whether a planned session is still asked for. */
    boolean isAsked(Planned p) {
        return practised.stream().anyMatch(a -> a.stepId() == p.stepId()) && !(stoppedToday.contains(p.stepId()) && isToday(p));
    }

    private boolean isToday(Planned p) {
        return p.startsAt().atZone(facts.household().zone()).toLocalDate().equals(today());
    }

    /** Those of today that were practised: of each step as many as there were sittings, the earliest first. */
    List<Planned> done(List<Planned> sessions) {
        List<Planned> done = new ArrayList<>();
        sessions.stream().filter(this::isToday).collect(Collectors.groupingBy(Planned::stepId))
                .forEach((step, all) -> done.addAll(all.subList(0, Math.min(all.size(), doneToday.getOrDefault(step, 0)))));
        return done;
    }

    /** Whether the plan was made for another day or another sheet, or holds a session that was missed or is not asked for. */
    boolean isOutOfDate(PlanMapper.Head head, List<Planned> sessions) {
        List<Planned> done = done(sessions);
        return !head.firstDay().equals(today()) || head.homeworkId() != sheetId()
                || sessions.stream().anyMatch(p -> p.startsAt().isAfter(now) ? !isAsked(p) : p.endsAt().plus(LATE).isBefore(now) && !done.contains(p));
    }

    /** When to look next whether the plan still holds. */
    Instant nextLook(List<Planned> sessions) {
        Instant midnight = today().plusDays(1).atStartOfDay(facts.household().zone()).toInstant();
        Stream<Instant> missed = sessions.stream().map(p -> p.endsAt().plus(LATE).plusSeconds(1)).filter(t -> t.isAfter(now));
        return Stream.concat(Stream.of(midnight, now.plus(LOOK)), missed).min(Instant::compareTo).orElseThrow();
    }

    /** A planned session of a track as it is kept. */
    Planned planned(WeekPlan.Slot s, Assignment a) {
        String broken = s.broken().stream().map(Enum::name).sorted().collect(Collectors.joining(","));
        return new Planned(a.item().trackId(), a.stepId(), s.dogId(), s.personId(), frame.instant(s.start()), Math.max(1, Math.min(Dose.LONGEST, a.plan().minutes())), s.pinned(), broken);
    }
}

package cahier.core.week;

import ai.timefold.solver.core.api.domain.solution.PlanningEntityCollectionProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.domain.solution.ProblemFactCollectionProperty;
import ai.timefold.solver.core.api.domain.solution.ProblemFactProperty;
import ai.timefold.solver.core.api.score.buildin.hardmediumsoft.HardMediumSoftScore;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A week as the solver works on it. */
@PlanningSolution
@SuppressWarnings("UnusedVariable") // the solver reads them
class Timetable {

    @ProblemFactProperty
    private WeekRules.Minutes minutes;
    @ProblemFactCollectionProperty
    private List<Someone> people;
    @ProblemFactCollectionProperty
    private List<Dose> doses;
    @ProblemFactCollectionProperty
    private List<Week.Apart> apart;
    @ProblemFactCollectionProperty
    private List<Opening> openings;
    @PlanningEntityCollectionProperty
    private List<TrackSession> exercises;
    @Nullable
    @PlanningScore
    private HardMediumSoftScore score;

    /** For the solver, which fills it. */
    @SuppressWarnings("NullAway.Init")
    Timetable() {
    }

    private Timetable(Week week, List<Opening> openings, List<TrackSession> exercises) {
        this.minutes = new WeekRules.Minutes(week.minutesADay(), week.spent());
        this.people = week.people();
        this.doses = week.doses();
        this.apart = week.apart();
        this.openings = openings;
        this.exercises = exercises;
    }

    /** Every session the doses ask for, begun where the plan before had it if that time still is. */
    static Timetable of(Week week) {
        Openings openings = new Openings(week);
        List<Opening> all = new ArrayList<>(openings.all());
        List<TrackSession> exercises = new ArrayList<>();
        Map<Long, Integer> shares = Shares.of(week, all);
        for (Dose dose : week.doses()) {
            List<Opening> possible = all.stream().filter(o -> o.isFor(dose)).toList();
            List<Week.Kept> kept = week.kept().stream().filter(k -> k.trackId() == dose.trackId() && k.start() >= week.now())
                    .sorted(Comparator.comparing(Week.Kept::pinned).reversed().thenComparingInt(Week.Kept::start)).toList();
            int wanted = Math.max(Objects.requireNonNull(shares.get(dose.trackId())), (int) kept.stream().filter(Week.Kept::pinned).count());
            for (int i = 0; i < wanted; i++) {
                TrackSession exercise = new TrackSession(exercises.size(), dose).asHardest(week.isHardest(dose)).among(possible);
                if (i < kept.size()) {
                    begin(exercise, kept.get(i), week, openings, all, possible);
                }
                exercises.add(exercise);
            }
        }
        exercises.sort(Comparator.comparingInt(TrackSession::minutes).reversed()); // the long ones find a day while there is room
        return new Timetable(week, List.copyOf(all), List.copyOf(exercises));
    }

    /** Where it was before, if it still can be there; a pinned one also where it cannot. */
    private static void begin(TrackSession exercise, Week.Kept was, Week week, Openings openings, List<Opening> all, List<Opening> possible) {
        if (was.pinned()) {
            Opening there = all.stream().filter(o -> o.isAt(was)).findFirst().or(() -> week.person(was.personId()).map(p -> openings.at(all.size(), p, was.start()))).orElse(null);
            if (there != null) {
                if (!all.contains(there)) {
                    all.add(there);
                }
                exercise.among(List.of(there)).from(there, true);
            }
        } else {
            possible.stream().filter(o -> o.isAt(was)).findFirst().ifPresent(o -> exercise.from(o, false));
        }
    }

    List<TrackSession> exercises() {
        return exercises;
    }

    List<Opening> openings() {
        return openings;
    }

    Optional<HardMediumSoftScore> score() {
        return Optional.ofNullable(score);
    }
}

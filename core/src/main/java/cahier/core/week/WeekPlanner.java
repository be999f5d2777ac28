package cahier.core.week;

import ai.timefold.solver.core.api.score.analysis.ConstraintAnalysis;
import ai.timefold.solver.core.api.score.analysis.MatchAnalysis;
import ai.timefold.solver.core.api.score.analysis.ScoreAnalysis;
import ai.timefold.solver.core.api.score.buildin.hardmediumsoft.HardMediumSoftScore;
import ai.timefold.solver.core.api.score.stream.DefaultConstraintJustification;
import ai.timefold.solver.core.api.solver.SolutionManager;
import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.constructionheuristic.ConstructionHeuristicPhaseConfig;
import ai.timefold.solver.core.config.localsearch.LocalSearchPhaseConfig;
import ai.timefold.solver.core.config.solver.EnvironmentMode;
import ai.timefold.solver.core.config.solver.SolverConfig;
import ai.timefold.solver.core.config.solver.termination.TerminationConfig;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Plans weeks (docs/rules.md 17). Expensive to make, safe to share. */
public final class WeekPlanner {

    /** So many steps improve the first plan, so that the same week gives the same plan however fast the machine is. */
    public static final int STEPS = 2_000;
    /** A household with little to plan is done sooner: after so many steps that found nothing better. */
    static final int UNIMPROVED = 400;
    /** No improving takes longer; a machine that needs more stops earlier and may then plan otherwise. */
    public static final Duration LONGEST = Duration.ofMillis(1500);

    private static final long SEED = 20260615;

    private final SolverFactory<Timetable> factory;

    public WeekPlanner() {
        this(STEPS, LONGEST);
    }

    /**
     * Another planner than the application's, to see what more time is worth.
     *
     * @param steps 1 or more
     * @param longest above 0
     */
    public WeekPlanner(int steps, Duration longest) {
        if (steps < 1 || longest.isNegative() || longest.isZero()) {
            throw new IllegalArgumentException("steps must be 1 or more and longest above 0, were " + steps + " and " + longest);
        }
        TerminationConfig enough = new TerminationConfig().withStepCountLimit(steps).withUnimprovedStepCountLimit(Math.min(steps, Math.max(UNIMPROVED, steps / 5))).withSpentLimit(longest);
        this.factory = SolverFactory.create(new SolverConfig().withSolutionClass(Timetable.class).withEntityClasses(TrackSession.class).withConstraintProviderClass(WeekRules.class)
                .withEnvironmentMode(EnvironmentMode.NO_ASSERT).withRandomSeed(SEED)
                .withPhases(new ConstructionHeuristicPhaseConfig(), new LocalSearchPhaseConfig().withTerminationConfig(enough)));
    }

    /** The best week that was found. A household without doses or without time gets an empty one, with what is unmet. */
    public WeekPlan plan(Week week) {
        Timetable empty = Timetable.of(week);
        if (empty.exercises().isEmpty()) {
            return new WeekPlan(List.of(), List.of(), List.of(0, 0, 0));
        }
        if (empty.openings().isEmpty()) {
            return new WeekPlan(List.of(), new Unmets(week, List.of()).of(empty.exercises()), List.of(0, 0, 0));
        }
        Timetable solved = factory.buildSolver().solve(empty);
        HardMediumSoftScore score = solved.score().orElseThrow();
        Map<Integer, Set<WeekRule>> broken = score.hardScore() < 0 ? broken(SolutionManager.create(factory), solved) : Map.of();
        return new WeekPlan(sessions(solved, broken), new Unmets(week, solved.openings()).of(solved.exercises()), List.of(score.hardScore(), score.mediumScore(), score.softScore()));
    }

    private static List<WeekPlan.Slot> sessions(Timetable solved, Map<Integer, Set<WeekRule>> broken) {
        record Key(int start, long dog, long person) {
        }
        Map<Key, List<TrackSession>> together = solved.exercises().stream().filter(TrackSession::isPlanned).collect(Collectors.groupingBy(e -> new Key(e.start(), e.dogId(), e.personId())));
        return together.entrySet().stream().sorted(Comparator.comparingInt((Map.Entry<Key, List<TrackSession>> e) -> e.getKey().start()).thenComparingLong(e -> e.getKey().dog()))
                .map(e -> new WeekPlan.Slot(e.getKey().dog(), e.getKey().person(), e.getKey().start(), e.getValue().stream().mapToInt(TrackSession::minutes).sum(),
                        e.getValue().stream().map(TrackSession::trackId).toList(), e.getValue().stream().anyMatch(TrackSession::isPinned),
                        e.getValue().stream().flatMap(x -> broken.getOrDefault(x.id(), Set.of()).stream()).collect(Collectors.toSet()))).toList();
    }

    /** Which hard rules each exercise has a part in breaking. */
    private static Map<Integer, Set<WeekRule>> broken(SolutionManager<Timetable, HardMediumSoftScore> manager, Timetable solved) {
        ScoreAnalysis<HardMediumSoftScore> analysis = manager.analyze(solved);
        Map<Integer, Set<WeekRule>> broken = new HashMap<>();
        for (ConstraintAnalysis<HardMediumSoftScore> constraint : analysis.constraintAnalyses()) {
            WeekRule rule = WeekRule.of(constraint.constraintRef().constraintName());
            if (rule.isHard()) {
                for (MatchAnalysis<HardMediumSoftScore> match : constraint.matches()) {
                    parties(match, solved).forEach(e -> broken.computeIfAbsent(e.id(), k -> EnumSet.noneOf(WeekRule.class)).add(rule));
                }
            }
        }
        return broken;
    }

    private static List<TrackSession> parties(MatchAnalysis<HardMediumSoftScore> match, Timetable solved) {
        List<TrackSession> parties = new ArrayList<>();
        List<Object> facts = match.justification() instanceof DefaultConstraintJustification why ? why.getFacts() : List.of();
        for (Object fact : facts) {
            if (fact instanceof TrackSession exercise) {
                parties.add(exercise);
            } else if (fact instanceof JointSession sitting) {
                parties.addAll(sitting.exercises());
            }
        }
        if (parties.isEmpty()) {
            parties.addAll(ofDay(facts, solved).toList());
        }
        return parties.stream().filter(TrackSession::isPinned).toList();
    }

    /** A rule about a day concerns every session of the track, or of the household, on it. */
    private static Stream<TrackSession> ofDay(List<Object> facts, Timetable solved) {
        Set<Object> said = Set.copyOf(facts);
        boolean ofTrack = facts.stream().anyMatch(Dose.class::isInstance);
        return solved.exercises().stream().filter(TrackSession::isPlanned).filter(e -> said.contains(e.day()) && (!ofTrack || said.contains(e.dose())));
    }
}

package cahier.speed;

import cahier.core.decide.Case;
import cahier.core.decide.Judge;
import cahier.core.decide.Replay;
import cahier.core.decide.Suggestion;
import cahier.core.exposure.Exposure;
import cahier.core.exposure.WorkingDistance;
import cahier.core.forecast.Forecast;
import cahier.core.rehearse.Rehearsal;
import cahier.core.week.Week;
import cahier.core.week.WeekPlan;
import cahier.core.week.WeekPlanner;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The heavy rules. The forecast of one step is what the others are compared with. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class CoreSpeed {

    private final WeekPlanner planner = new WeekPlanner();
    private final Case long200 = MadeUp.track(200);
    private final List<Exposure> exposures = MadeUp.exposures(WorkingDistance.MOST);
    private final List<Week> weeks = List.copyOf(MadeUp.households().values());

    /** One step, 2,000 runs. */
    @Benchmark
    public Forecast forecastOfOneStep() {
        return MadeUp.forecast(1, Forecast.RUNS);
    }

    /** Ten steps, 2,000 runs: what a track page waits for. */
    @Benchmark
    public Forecast forecastOfTenSteps() {
        return MadeUp.forecast(10, Forecast.RUNS);
    }

    /** A track of 200 sessions, with the gap of one person counted back: what each close waits for. */
    @Benchmark
    public Suggestion judgeTwoHundredSessions() {
        return Judge.decide(long200.after(Replay.gapBeforeLast(long200)));
    }

    /** Forty exposures at as many distances. */
    @Benchmark
    public WorkingDistance workingDistance() {
        return WorkingDistance.of(exposures);
    }

    /** A hundred made-up dogs on a plan of ten steps, the owner moving on: what the page of a rehearsal waits for, once for each plan. */
    @Benchmark
    public Rehearsal rehearsalOfTenSteps() {
        return MadeUp.rehearsal(10);
    }

    /** One person, one dog, two tracks. */
    @Benchmark
    public WeekPlan weekOfTheSmallest() {
        return planner.plan(weeks.get(0));
    }

    /** Four people, three dogs, seven tracks. */
    @Benchmark
    public WeekPlan weekOfTheLargest() {
        return planner.plan(weeks.get(2));
    }
}

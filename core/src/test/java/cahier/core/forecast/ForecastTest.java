package cahier.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import cahier.core.Vectors;
import cahier.core.measure.Measure;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.apache.commons.statistics.distribution.TDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ForecastTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 6, 1);
    private static final Forecast.Ahead STEP = new Forecast.Ahead(13, 5);
    /** As usual, give or take a half: the worked cases that name no prior, and tests that ask for no other. */
    private static final Pace FORMER = new Pace(0, 2, 2.5, 0.5);

    static Stream<JsonNode> posterior() {
        return Vectors.cases("forecast.json", "posterior");
    }

    @ParameterizedTest
    @MethodSource("posterior")
    void whatIsLearntFromPassedSteps(JsonNode given) {
        Pace pace = prior(given).after(StreamSupport.stream(given.get("logRatios").spliterator(), false).map(JsonNode::asDouble).toList());
        double[] figures = {pace.mu(), pace.kappa(), pace.alpha(), pace.beta(), pace.df(), pace.scale()};
        String[] names = {"mu", "kappa", "alpha", "beta", "df", "scale"};
        for (int i = 0; i < names.length; i++) {
            assertThat(figures[i]).as(names[i]).isCloseTo(given.get(names[i]).asDouble(), within(Vectors.TOLERANCE));
        }
    }

    static Stream<JsonNode> practice() {
        return Vectors.cases("forecast.json", "practice");
    }

    @ParameterizedTest
    @MethodSource("practice")
    void whatEndedInAPracticeSaysOfTheNextTrack(JsonNode given) {
        Prior prior = Prior.of(StreamSupport.stream(given.get("ended").spliterator(), false).map(t -> StreamSupport.stream(t.spliterator(), false).map(JsonNode::asDouble).toList()).toList());
        assertThat(prior.tracks()).isEqualTo(given.get("tracks").asInt());
        assertThat(prior.pace().mu()).isCloseTo(given.get("mu").asDouble(), within(Vectors.TOLERANCE));
        assertThat(prior.pace().kappa()).isCloseTo(given.get("kappa").asDouble(), within(Vectors.TOLERANCE));
        assertThat(prior.pace().beta()).isCloseTo(given.get("beta").asDouble(), within(Vectors.TOLERANCE)).isGreaterThanOrEqualTo(Pace.MADE_UP.beta());
    }

    private static Pace prior(JsonNode given) {
        JsonNode prior = given.path("prior");
        return prior.isMissingNode() ? FORMER : new Pace(prior.get("mu").asDouble(), prior.get("kappa").asDouble(), prior.get("alpha").asDouble(), prior.get("beta").asDouble());
    }

    private static Forecast.Track track(int steps, int spent, Integer... days) {
        return new Forecast.Track(FORMER, Collections.nCopies(steps, STEP), spent, List.of(days), 16);
    }

    private static Forecast forecast(Forecast.Track track) {
        return Forecast.of(track, TODAY, Optional.empty(), 7, Forecast.RUNS);
    }

    private static long days(Optional<LocalDate> day) {
        return day.map(d -> ChronoUnit.DAYS.between(TODAY, d)).orElse(Long.MAX_VALUE);
    }

    @Test
    void whatIsDrawnForOneStepIsThePredictiveT() {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(3);
        Pace pace = FORMER.after(List.of(0.4, 0.1, 0.6));
        List<Double> logs = new ArrayList<>();
        for (int i = 0; i < 20_000; i++) {
            logs.add((Math.log(pace.draw(random).factor(random)) - pace.mu()) / pace.scale());
        }
        Collections.sort(logs);
        TDistribution t = TDistribution.of(pace.df());
        for (double share : new double[] {0.1, 0.25, 0.5, 0.75, 0.9}) {
            assertThat(logs.get((int) (share * logs.size()))).as("at %s", share).isCloseTo(t.inverseCumulativeProbability(share), within(0.05));
        }
    }

    @Test
    void earlyMiddleAndLateStandInOrderAndMorePracticeIsNeverLater() {
        Forecast seldom = forecast(track(6, 0, 0, 0, 8, 0, 0, 8, 0));
        Forecast often = forecast(track(6, 0, 8, 8, 16, 8, 8, 16, 8));
        assertThat(days(often.early())).isLessThan(days(often.middle()));
        assertThat(days(often.middle())).isLessThan(days(often.late()));
        assertThat(days(often.middle())).isLessThan(days(seldom.middle()));
        assertThat(days(forecast(track(3, 0, 8, 8, 16, 8, 8, 16, 8)).middle())).as("fewer steps").isLessThan(days(often.middle()));
    }

    @Test
    void aSlowDogIsForecastLaterThanAQuickOne() {
        Pace slow = FORMER.after(List.of(0.9, 1.1, 1.0));
        Pace quick = FORMER.after(List.of(-0.5, -0.4, -0.6));
        List<Integer> days = List.of(8, 8, 8, 0, 8);
        List<Forecast.Ahead> ahead = Collections.nCopies(5, STEP);
        assertThat(days(forecast(new Forecast.Track(slow, ahead, 0, days, 16)).middle())).isGreaterThan(2 * days(forecast(new Forecast.Track(quick, ahead, 0, days, 16)).middle()));
    }

    @Test
    void withoutPracticeAndBeyondAYearItIsNotInSight() {
        assertThat(forecast(track(2, 0, 0, 0, 0, 0)).why()).contains(Forecast.Why.NO_PRACTICE);
        Forecast far = forecast(track(60, 0, 0, 0, 1, 0, 0, 0, 0));
        assertThat(far.why()).contains(Forecast.Why.BEYOND_A_YEAR);
        assertThat(far.middle()).isEmpty();
        assertThat(forecast(track(2, 0, 8)).why()).as("one day is too few to know: the dose on most days").isEmpty();
    }

    @Test
    void byTheNextLessonItSaysTheChanceAndTheStep() {
        Forecast.Track track = track(2, 0, 8, 8, 8, 8);
        Forecast soon = Forecast.of(track, TODAY, Optional.of(TODAY.plusDays(1)), 7, Forecast.RUNS);
        Forecast later = Forecast.of(track, TODAY, Optional.of(TODAY.plusDays(60)), 7, Forecast.RUNS);
        assertThat(soon.byNextLesson()).isLessThan(0.1);
        assertThat(later.byNextLesson()).isGreaterThan(0.95);
        assertThat(soon.stepAtNextLesson()).contains(0);
        assertThat(later.stepAtNextLesson()).contains(2);
        assertThat(forecast(track).stepAtNextLesson()).isEmpty();
    }

    @Test
    void repsThatWereSpentShortenTheCurrentStepUntilTheySayThatItIsSlow() {
        assertThat(days(forecast(track(1, 10, 8, 8, 8)).middle())).isLessThanOrEqualTo(days(forecast(track(1, 0, 8, 8, 8)).middle()));
        assertThat(days(forecast(track(1, 200, 8, 8, 8)).middle())).isGreaterThan(days(forecast(track(1, 0, 8, 8, 8)).middle()));
        assertThat(days(forecast(track(1, 5000, 8, 8, 8)).early())).as("one rep is to come, at the least").isGreaterThanOrEqualTo(1);
    }

    /** Worked by another program on 200,000 runs, each day of the history as likely as any: 5, 17 and 88 days, 39% by the lesson. */
    @Test
    void aDogThatIsStuckIsSlowAndNotNearlyThere() {
        Forecast.Track stuck = new Forecast.Track(FORMER.after(List.of(-0.6719)), List.of(new Forecast.Ahead(15, 10), new Forecast.Ahead(15, 10)), 150, List.of(12, 6, 14, 12, 0, 5, 0, 15, 7, 0, 9, 10), 10);
        Forecast said = Forecast.of(stuck, TODAY, Optional.of(TODAY.plusDays(12)), 7, 20_000);
        assertThat(days(said.early())).isBetween(4L, 6L);
        assertThat(days(said.middle())).isBetween(15L, 20L);
        assertThat(days(said.late())).isBetween(75L, 110L);
        assertThat(said.byNextLesson()).isCloseTo(0.39, within(0.04));
    }

    @Test
    void whereNoDogIsAsSlowAsThisOneThereIsStillAForecast() {
        Forecast.Track beyond = new Forecast.Track(new Pace(0, 1000, 1000, 0.001), List.of(new Forecast.Ahead(1e-9, 0)), 5000, List.of(8, 8, 8), 8);
        assertThat(days(forecast(beyond).early())).isEqualTo(1);
    }

    @Test
    void theHistoryBeginsWithTheTrackAndCountsDaysWithoutPractice() {
        Map<LocalDate, Integer> reps = Map.of(TODAY, 8, TODAY.minusDays(2), 4, TODAY.minusDays(40), 99);
        assertThat(Forecast.history(reps, TODAY.minusDays(3), TODAY)).containsExactly(0, 4, 0, 8);
        assertThat(Forecast.history(reps, TODAY.minusDays(90), TODAY)).hasSize(Forecast.HISTORY_DAYS).doesNotContain(99);
        assertThat(Forecast.history(Map.of(TODAY.minusDays(2), 4), TODAY.minusDays(3), TODAY)).as("a day that is not over is no day without practice").containsExactly(0, 4, 0);
    }

    @Test
    void aRhythmIsSpreadEvenly() {
        assertThat(Forecast.rhythm(7, 8)).hasSize(Forecast.HISTORY_DAYS).containsOnly(8);
        assertThat(Forecast.rhythm(14, 8)).containsOnly(16);
        assertThat(Forecast.rhythm(3, 5).subList(0, 7)).containsExactly(0, 0, 5, 0, 5, 0, 5);
        for (int n = 1; n <= Forecast.HISTORY_DAYS; n++) {
            assertThat(Forecast.rhythm(n, 1).stream().mapToInt(Integer::intValue).sum()).isEqualTo(3 * n);
        }
        assertThatThrownBy(() -> Forecast.rhythm(0, 8)).hasMessageContaining("were 0 and 8");
    }

    /** Five looks at three in four, a session or a walk with a third of setbacks, two sessions of a zone. */
    @Test
    void oneAdjustingIsAStepOfItsOwn() {
        Forecast.Ahead looks = new Forecast.Ahead(Effort.expectedReps(0.75, 5), 5);
        assertThat(Forecast.oneAdjusting(Measure.Kind.DISTANCE, 8)).isEqualTo(looks).isEqualTo(Forecast.oneAdjusting(Measure.Kind.NOISE, 8));
        assertThat(Forecast.oneAdjusting(Measure.Kind.ALONE, 4)).isEqualTo(new Forecast.Ahead(1.3 * 4, 4)).isEqualTo(Forecast.oneAdjusting(Measure.Kind.SITTING, 4));
        assertThat(Forecast.oneAdjusting(Measure.Kind.WALK, 4)).isEqualTo(new Forecast.Ahead(1.3, 1));
        assertThat(Forecast.oneAdjusting(Measure.Kind.ZONE, 4)).isEqualTo(new Forecast.Ahead(2 * 1.3 * 4, 2));
    }

    @Test
    void nothingSpentNoLeastAndWholeThreeWeeksAreTaken() {
        List<Integer> whole = Collections.nCopies(Forecast.HISTORY_DAYS, 8);
        Forecast today = Forecast.of(new Forecast.Track(FORMER, List.of(new Forecast.Ahead(1, 0)), 0, whole, 1), TODAY, Optional.of(TODAY), 7, Forecast.RUNS);
        assertThat(today.byNextLesson()).as("a lesson today comes before anything more is practised").isZero();
        assertThat(days(today.early())).isEqualTo(1);
        assertThatThrownBy(() -> new Forecast.Track(FORMER, List.of(new Forecast.Ahead(1, 0)), -1, whole, 1)).hasMessageEndingWith("were 1, -1, 1, 21");
        assertThatThrownBy(() -> new Forecast.Track(FORMER, List.of(new Forecast.Ahead(1, 0)), 0, Collections.nCopies(Forecast.HISTORY_DAYS + 1, 8), 1)).hasMessageEndingWith("were 1, 0, 1, 22");
        assertThatThrownBy(() -> new Forecast.Ahead(1, -1)).hasMessageEndingWith("were 1.0 and -1");
    }

    @Test
    void nonsenseIsRefused() {
        assertThatThrownBy(() -> new Forecast.Ahead(0, 5)).hasMessage("usual must be above 0 and least 0 or more, were 0.0 and 5");
        assertThatThrownBy(() -> new Forecast.Track(FORMER, List.of(), 0, List.of(), 1)).hasMessageStartingWith("ahead must not be empty");
    }

    @Test
    void twoThousandRunsSayTheSameAsTwentyThousand() {
        Forecast.Track ten = track(10, 3, 8, 0, 16, 8, 0, 0, 16, 8, 8, 0, 16, 0, 8, 8, 0, 16, 0, 8, 0, 8, 16);
        Forecast many = Forecast.of(ten, TODAY, Optional.of(TODAY.plusDays(14)), 7, 20_000);
        assertThat(forecast(ten)).as("same seed, same forecast").isEqualTo(forecast(ten));
        for (long seed = 1; seed <= 5; seed++) {
            Forecast few = Forecast.of(ten, TODAY, Optional.of(TODAY.plusDays(14)), seed, Forecast.RUNS);
            assertThat(days(few.early())).as("10%, seed %d", seed).isCloseTo(days(many.early()), within(2L));
            assertThat(days(few.middle())).as("50%, seed %d", seed).isCloseTo(days(many.middle()), within(2L));
            assertThat(days(few.late())).as("90%, seed %d", seed).isCloseTo(days(many.late()), within(5L));
            assertThat(few.byNextLesson()).as("by the lesson, seed %d", seed).isCloseTo(many.byNextLesson(), within(0.03));
        }
    }
}

package cahier.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Made-up tracks of ten steps whose end is known: dogs drawn from the prior, practised on some days. Forecast after some steps; the share of ends that fall between the 10% and the 90% day
 * is the table of docs/rules.md 8.
 */
class CalibrationTest {

    private static final int TRACKS = 300;
    private static final int STEPS = 10;
    private static final double USUAL = 20;
    private static final int LEAST = 5;
    private static final int A_SESSION = 8;
    private static final LocalDate TODAY = LocalDate.of(2026, 3, 2);

    @ParameterizedTest
    @CsvSource({"2, 0.6", "4, 0.6", "7, 0.6", "4, 0.9", "4, 0.3"})
    void theTrueEndFallsIntoTheBandAboutEightTimesInTen(int passed, double practised) {
        assertThat(inside(passed, practised)).isBetween(0.75, 0.85);
    }

    private static double inside(int passed, double practised) {
        int inside = 0;
        int said = 0;
        for (int seed = 0; seed < TRACKS; seed++) {
            Optional<Boolean> hit = hit(new SplittableRandom(seed), seed, passed, practised);
            said += hit.isPresent() ? 1 : 0;
            inside += hit.orElse(false) ? 1 : 0;
        }
        assertThat(said).isGreaterThan(TRACKS / 2);
        System.out.printf("Forecast after %d of %d steps, practised on %.0f%% of days: %d of %d ends inside the band%n", passed, STEPS, 100 * practised, inside, said);
        return (double) inside / said;
    }

    /** Empty when the goal was not in sight. */
    private static Optional<Boolean> hit(SplittableRandom random, long seed, int passed, double practised) {
        double variance = Pace.MADE_UP.beta() / gamma(random, Pace.MADE_UP.alpha());
        double mean = Pace.MADE_UP.mu() + random.nextGaussian() * Math.sqrt(variance / Pace.MADE_UP.kappa());
        int[] cost = new int[STEPS];
        for (int i = 0; i < STEPS; i++) {
            cost[i] = Math.max(LEAST, (int) Math.round(USUAL * Math.exp(mean + Math.sqrt(variance) * random.nextGaussian())));
        }
        List<Integer> days = new ArrayList<>();
        List<Double> logs = new ArrayList<>();
        int step = 0;
        int spent = 0;
        while (step < passed) {
            int reps = random.nextDouble() < practised ? A_SESSION * (1 + random.nextInt(2)) : 0;
            days.add(reps);
            for (int r = 0; r < reps && step < STEPS; r++) {
                if (++spent >= cost[step]) {
                    logs.add(Math.log(spent / USUAL));
                    step++;
                    spent = 0;
                }
            }
        }
        if (step >= STEPS) {
            return Optional.empty();
        }
        List<Forecast.Ahead> ahead = new ArrayList<>();
        for (int i = step; i < STEPS; i++) {
            ahead.add(new Forecast.Ahead(USUAL, LEAST));
        }
        List<Integer> last = days.subList(Math.max(0, days.size() - Forecast.HISTORY_DAYS), days.size());
        Forecast f = Forecast.of(new Forecast.Track(Pace.MADE_UP.after(logs), ahead, spent, last, 2 * A_SESSION), TODAY, Optional.empty(), seed, 500);
        if (f.why().isPresent()) {
            return Optional.empty();
        }
        int day = 0;
        while (step < STEPS) {
            day++;
            int reps = random.nextDouble() < practised ? A_SESSION * (1 + random.nextInt(2)) : 0;
            for (int r = 0; r < reps && step < STEPS; r++) {
                if (++spent >= cost[step]) {
                    step++;
                    spent = 0;
                }
            }
        }
        LocalDate end = TODAY.plusDays(day);
        return Optional.of(!end.isBefore(f.early().orElseThrow()) && (f.late().isEmpty() || !end.isAfter(f.late().get())));
    }

    /** By Marsaglia and Tsang; shape above 1, scale 1. */
    private static double gamma(SplittableRandom random, double shape) {
        double d = shape - 1.0 / 3;
        double c = 1 / Math.sqrt(9 * d);
        while (true) {
            double x = random.nextGaussian();
            double v = Math.pow(1 + c * x, 3);
            if (v > 0 && Math.log(1 - random.nextDouble()) < 0.5 * x * x + d - d * v + d * Math.log(v)) {
                return d * v;
            }
        }
    }
}

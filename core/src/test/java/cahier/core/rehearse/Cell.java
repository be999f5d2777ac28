package cahier.core.rehearse;

import cahier.core.decide.TrackKind;
import cahier.core.pass.PassRule;
import java.util.Locale;
import java.util.function.ToDoubleFunction;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.IntStream;

/** Many made-up households on one plan, the same ones in every cell. */
record Cell(Walked[] walks) {

    static final int DOGS = 600;
    static final int STEPS = 7;
    static final int REPS = 8;
    static final int DAYS = 84;
    private static final double SKILL_EXCITABLE = 0.01;
    private static final double COMFORT_EXCITABLE = 0.1;
    private static final double WRONG = 0.6;
    private static final double EARLY = 0.75;

    static Traits dog(Traits.Failure failure, TrackKind kind, int seed) {
        return Traits.any(failure, kind == TrackKind.COMFORT ? COMFORT_EXCITABLE : SKILL_EXCITABLE, RandomGeneratorFactory.of("L64X128MixRandom").create(1000 + seed));
    }

    static Cell of(TrackKind kind, PassRule rule, Rules rules, Answering answering, Owners owners, Traits.Failure failure) {
        Plan plan = Plan.even(kind, STEPS, rule, REPS);
        return new Cell(IntStream.range(0, DOGS).mapToObj(seed -> new Walk(plan, owners, answering, rules, dog(failure, kind, seed), seed).until(DAYS)).toArray(Walked[]::new));
    }

    double mean(ToDoubleFunction<Walked> figure) {
        return IntStream.range(0, DOGS).mapToDouble(i -> figure.applyAsDouble(walks[i])).average().orElseThrow();
    }

    /** Weeks more than in another cell, each dog against itself, with the standard error. */
    String against(Cell other) {
        double[] more = IntStream.range(0, DOGS).mapToDouble(i -> walks[i].weeks() - other.walks[i].weeks()).toArray();
        double mean = mean(w -> w.weeks()) - other.mean(w -> w.weeks());
        double squares = 0;
        for (double m : more) {
            squares += (m - mean) * (m - mean);
        }
        return String.format(Locale.UK, "%+.2f ± %.2f", mean, Math.sqrt(squares / (DOGS - 1) / DOGS));
    }

    /** "9.30 (71%)": weeks to the goal, twelve where it was not reached, and how many reached it. */
    String weeks() {
        return String.format(Locale.UK, "%.2f (%.0f%%)", mean(w -> w.weeks()), 100 * mean(w -> w.done() ? 1 : 0));
    }

    /** "3.1 / 20": of all that were let go on, how many at a true rate under 0.6, and under 0.75. */
    String ups() {
        double all = mean(w -> w.ups().size());
        return String.format(Locale.UK, "%.1f / %.0f", 100 * mean(w -> w.ups().stream().filter(r -> r < WRONG).count()) / all, 100 * mean(w -> w.ups().stream().filter(r -> r < EARLY).count()) / all);
    }

    /** "90 of 393": reps of what the dog could do already, of all. */
    String needless() {
        return String.format(Locale.UK, "%.0f of %.0f", mean(w -> w.needless()), mean(w -> w.reps()));
    }

    String leftThreeTimes() {
        return String.format(Locale.UK, "%.0f", 100 * mean(w -> w.mostLeft() >= 3 ? 1 : 0));
    }

    String tooMuch() {
        return String.format(Locale.UK, "%.2f", mean(w -> w.tooMuch()));
    }
}

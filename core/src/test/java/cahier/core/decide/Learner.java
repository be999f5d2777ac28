package cahier.core.decide;

import cahier.core.rep.Outcome;
import cahier.core.rep.Rep;
import cahier.core.rep.Role;
import cahier.core.rep.Session;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;

/** A made-up dog with a true success rate: sessions of 3 to 9 reps with one of two people, a pause now and then, seldom too much. */
final class Learner {

    private static final double PAUSE = 0.04;
    private static final int PAUSE_DAYS = 9;
    private static final double MISSED = 0.6;
    private static final int SECONDS_A_REP = 20;

    private final RandomGenerator random;
    private final double clean;
    private final double tooMuch;
    private LocalDate day = LocalDate.of(2026, 3, 2);

    /**
     * @param clean true rate, 0 to 1
     * @param tooMuch chance that a rep is too much, 0 to 1
     */
    Learner(double clean, double tooMuch, long seed) {
        this.clean = clean;
        this.tooMuch = tooMuch;
        this.random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
    }

    /** The next session, a day or a pause after the last. */
    Session next() {
        day = day.plusDays(random.nextDouble() < PAUSE ? PAUSE_DAYS : 1);
        Instant at = day.atTime(9, 0).toInstant(ZoneOffset.UTC);
        List<Rep> reps = new ArrayList<>();
        int n = random.nextInt(3, 10);
        for (int i = 0; i < n; i++) {
            reps.add(new Rep(new UUID(random.nextLong(), random.nextLong()), at.plusSeconds((long) SECONDS_A_REP * i), outcome(), Role.WORK));
        }
        return new Session(random.nextBoolean() ? "Dele" : "Marit", random.nextBoolean() ? "kitchen" : "hall", day, true, reps);
    }

    private Outcome outcome() {
        if (random.nextDouble() < tooMuch) {
            return Outcome.TOO_MUCH;
        }
        if (random.nextDouble() < clean) {
            return Outcome.CLEAN;
        }
        return random.nextDouble() < MISSED ? Outcome.MISSED : Outcome.HELPED;
    }
}

package cahier.core.exposure;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Supplier;

/** What brings a dog closer to what it minds (docs/rules.md 9). What takes it further off is the same for all. */
public sealed interface Closer {

    /** So many unprompted looks in a row bring it closer. */
    int run();

    /** Whether it is asked where to work after so many of them. */
    boolean asks(int byItselfInARow);

    /**
     * Where it works then; not nearer than now where it is to stay.
     *
     * @param now metres above 0
     * @param seen what the dog met up to now, oldest first; asked for only where it is needed
     */
    double after(double now, Supplier<List<Exposure>> seen);

    /** Step by step, as usual. */
    static BySteps usual() {
        return new BySteps(OptionalDouble.empty());
    }

    /**
     * Step by step, after five by itself.
     *
     * @param own the trainer's own step closer in metres, above 0; empty for the usual one: a twentieth of the distance, at least 0.3 m
     */
    record BySteps(OptionalDouble own) implements Closer {

        private static final int RUN = 5;
        private static final double PART = 0.05;
        private static final double LEAST = 0.3;

        public BySteps {
            if (own.isPresent() && !(own.getAsDouble() > 0)) {
                throw new IllegalArgumentException("own must be above 0 m, was " + own.getAsDouble());
            }
        }

        @Override
        public int run() {
            return RUN;
        }

        @Override
        public boolean asks(int byItselfInARow) {
            return byItselfInARow >= RUN;
        }

        @Override
        public double after(double now, Supplier<List<Exposure>> seen) {
            return step(now);
        }

        /** One step closer, in metres from the trigger. */
        double step(double now) {
            return now - own.orElse(Math.max(LEAST, PART * now));
        }
    }

    /** Led by the estimate, after three by itself and after every three more: toward where the dog is believed calm {@link WorkingDistance#CALM} of the time, and no nearer. */
    final class Led implements Closer {

        private static final int RUN = 3;
        private static final double MOST = 0.12;

        private final Steepness usual;
        /** Weighed once for all looks of a dog: one of this is made for each dog and trigger. */
        private final Thresholds grid;

        /** With how sharply dogs turn, as it was known when the trainer chose this. */
        public Led(Steepness usual) {
            this.usual = usual;
            this.grid = WorkingDistance.grid(usual);
        }

        @Override
        public int run() {
            return RUN;
        }

        @Override
        public boolean asks(int byItselfInARow) {
            return byItselfInARow > 0 && byItselfInARow % RUN == 0;
        }

        @Override
        public double after(double now, Supplier<List<Exposure>> seen) {
            double calm = WorkingDistance.of(seen.get(), usual, grid).curve().map(WorkingDistance.Curve::curveMetres).orElse(now);
            return Math.max(now * (1 - MOST), calm);
        }
    }
}

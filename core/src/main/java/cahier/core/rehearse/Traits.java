package cahier.core.rehearse;

import java.util.List;
import java.util.random.RandomGenerator;
import java.util.stream.DoubleStream;

/**
 * What a made-up dog is like (docs/rules.md 40 says why each figure is what it is). Differences are in logits: one logit more makes 73 of 100 out of 50.
 *
 * @param starts how far it stands above the first step on the first day
 * @param learns what one clean rep gives it where it learns best, at two in three
 * @param fromFailure what a rep that is not clean gives, as a share of what a clean one would; negative where practising failures does harm
 * @param gap from one step to the next on average
 * @param odd by how much each step, the first one first and over again beyond the last, is harder for this dog than its trainer thought
 * @param excitable chance that a rep that is not clean is too much, for each part of failure it met; 0 to 1
 * @param taps share of reps that the owner taps wrongly, 0 to 1
 */
public record Traits(double starts, double learns, double fromFailure, double gap, List<Double> odd, double excitable, double taps) {

    /** Sleep keeps three quarters of what was learnt in a day. */
    static final double KEPT_OVERNIGHT = 0.75;
    /** A day without practice takes so much of what was learnt since the first. */
    static final double LOST_A_DAY = 0.012;
    /** How much worse the first rep of a session is, fading with {@link #WARM_REPS}. */
    static final double COLD = 0.5;
    static final double WARM_REPS = 2;
    /** The spread of one session from the next: sleep, weather, what happened before. */
    static final double SESSION = 0.6;
    /** How much worse it is in a place it has never practised in, halving with each session there. */
    static final double NEW_PLACE = 0.8;
    /** What was too much leaves it so much worse for the rest of the session, and a tenth of that for good. */
    static final double UPSET = 0.8;
    static final double FOR_GOOD = 0.1;
    /** Of what is not clean so much is helped, the rest missed. */
    static final double HELPED = 0.4;

    private static final double USUAL_START = 1.0;
    private static final double START_SPREAD = 0.5;
    private static final double USUAL_LEARNS = 0.039;
    private static final double LEARNS_SPREAD = 0.35;
    private static final double USUAL_GAP = 1.3;
    private static final double GAP_SPREAD = 0.15;
    private static final double ODD_SPREAD = 0.35;
    private static final int ODD_STEPS = 12;
    private static final double USUAL_TAPS = 0.02;

    /** How a dog takes reps that are not clean. */
    public enum Failure {
        /** It learns from them too, a third as much. */
        LENIENT(0.3),
        /** It learns nothing from them. */
        MODERATE(0),
        /** It learns the failure: half a clean rep is lost with each. */
        STRICT(-0.5);

        private final double share;

        Failure(double share) {
            this.share = share;
        }
    }

    public Traits {
        odd = List.copyOf(odd);
        if (!Double.isFinite(starts) || !(learns >= 0) || !(gap >= 0) || !(excitable >= 0 && excitable <= 1) || !(taps >= 0 && taps <= 1)) {
            throw new IllegalArgumentException("learns and gap must be 0 or more, excitable and taps from 0 to 1; were " + learns + ", " + gap + ", " + excitable + ", " + taps);
        }
    }

    /**
     * One of the dogs there are.
     *
     * @param excitable as above; 0.01 on a skill, 0.1 on what it is afraid of
     */
    public static Traits any(Failure failure, double excitable, RandomGenerator random) {
        return new Traits(USUAL_START + START_SPREAD * random.nextGaussian(), USUAL_LEARNS * Math.exp(LEARNS_SPREAD * random.nextGaussian()), failure.share,
                USUAL_GAP * Math.exp(GAP_SPREAD * random.nextGaussian()), DoubleStream.generate(() -> ODD_SPREAD * random.nextGaussian()).limit(ODD_STEPS).boxed().toList(), excitable, USUAL_TAPS);
    }

    /** How hard a step is, in logits above the first. */
    double height(double level) {
        int below = (int) Math.floor(level);
        double part = level - below;
        return gap * level + (1 - part) * oddAt(below) + part * oddAt(below + 1);
    }

    private double oddAt(int step) {
        return odd.isEmpty() ? 0 : odd.get(Math.floorMod(step, odd.size()));
    }
}

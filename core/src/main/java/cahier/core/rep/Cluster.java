package cahier.core.rep;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * Where the reps that are not CLEAN cluster: late in a session, at a time of day, with a reward or a hand, before the dog was ready, with a tense handler (docs/rules.md 24). People and places are compared by {@link Gap}.
 *
 * @param part the first rep of the late ones, the time of day, the reward, the hand, whether it was ready, or how the handler felt
 * @param off not CLEAN among {@code reps} of that part
 * @param elsewhereOff not CLEAN among {@code elsewhere} other reps
 * @param probability that the true rate of them is higher in that part, more than 0.5
 */
public record Cluster(Kind kind, String part, int off, int reps, int elsewhereOff, int elsewhere, double probability) {

    public static final String READY = "ready";
    public static final String NOT_READY = "not ready";
    public static final String TENSE = "tense";
    public static final String AT_EASE = "at ease";
    /** The earliest rep from which a session may be too long. */
    static final int LATE_FROM = 4;
    private static final double DOUBT = 0.05;
    static final int LATE_TO = 12;
    private static final int NOON = 12;
    private static final int EVENING = 17;

    /** What the reps of a part have in common. */
    public enum Kind {
        LATE, HOUR, REWARD, HAND, READY, HANDLER
    }

    /** Times of day: until 12, until 17, later. */
    public enum Time {
        MORNING, AFTERNOON, EVENING
    }

    /**
     * One WORK rep.
     *
     * @param number from 1, among the reps of any role of its session
     * @param hour 0 to 23, in the household's zone
     * @param reward what was paid with, empty when nobody said
     * @param hand which hand or side, empty when nobody said
     * @param ready whether the dog had been out, was calm and took a piece before its session, {@link #READY} or {@link #NOT_READY}; empty when nobody said
     * @param felt how whoever held the lead felt, {@link #TENSE} or {@link #AT_EASE}; empty when nobody said
     */
    public record Trial(int number, int hour, String reward, String hand, String ready, String felt, boolean clean) {

        public Trial {
            if (number < 1 || hour < 0 || hour > 23) {
                throw new IllegalArgumentException("number must be 1 or more and hour from 0 to 23, were " + number + " and " + hour);
            }
            Objects.requireNonNull(reward, "reward");
            Objects.requireNonNull(hand, "hand");
            Objects.requireNonNull(ready, "ready");
            Objects.requireNonNull(felt, "felt");
        }

        /** One of which nobody said how the handler felt. */
        public Trial(int number, int hour, String reward, String hand, String ready, boolean clean) {
            this(number, hour, reward, hand, ready, "", clean);
        }

        Time time() {
            if (hour < NOON) {
                return Time.MORNING;
            }
            return hour < Cluster.EVENING ? Time.AFTERNOON : Time.EVENING;
        }
    }

    private record Split(Kind kind, String part, List<Trial> in, List<Trial> out) {

        static Split of(Kind kind, String part, List<Trial> all, Predicate<Trial> within) {
            return new Split(kind, part, all.stream().filter(within).toList(), all.stream().filter(within.negate()).toList());
        }

        boolean isEnough() {
            return in.size() >= Gap.LEAST_REPS && out.size() >= Gap.LEAST_REPS;
        }

        Cluster cluster() {
            int off = off(in);
            int other = off(out);
            return new Cluster(kind, part, off, in.size(), other, out.size(), Gap.probability(new Gap.Share("", other, out.size()), new Gap.Share("", off, in.size())));
        }

        private static int off(List<Trial> trials) {
            return (int) trials.stream().filter(t -> !t.clean()).count();
        }
    }

    /** The surest cluster that is no chance, the number of comparisons considered; empty where there is none. Of equals the one named first. */
    public static Optional<Cluster> of(List<Trial> trials) {
        List<Split> splits = new ArrayList<>();
        for (int n = LATE_FROM; n <= LATE_TO; n++) {
            int from = n;
            splits.add(Split.of(Kind.LATE, Integer.toString(n), trials, t -> t.number() >= from));
        }
        splits.addAll(named(Kind.HOUR, trials, t -> t.time().name()));
        splits.addAll(named(Kind.REWARD, trials, Trial::reward));
        splits.addAll(named(Kind.HAND, trials, Trial::hand));
        splits.addAll(named(Kind.READY, trials, Trial::ready));
        splits.addAll(named(Kind.HANDLER, trials, Trial::felt));
        List<Split> enough = splits.stream().filter(Split::isEnough).toList();
        return enough.stream().map(Split::cluster).filter(c -> c.probability() >= 1 - DOUBT / enough.size()).max(Comparator.comparingDouble(Cluster::probability));
    }

    /** One split for each name, among the reps that have one. */
    private static List<Split> named(Kind kind, List<Trial> trials, Function<Trial, String> name) {
        List<Trial> said = trials.stream().filter(t -> !name.apply(t).isEmpty()).toList();
        return said.stream().map(name).collect(Collectors.toCollection(TreeSet::new)).stream().map(n -> Split.of(kind, n, said, t -> name.apply(t).equals(n))).toList();
    }
}

package cahier.core.rehearse;

import cahier.core.decide.TrackKind;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/**
 * A plan walked by many made-up dogs (docs/rules.md 40). The same seed, the same dogs, days and moods, so that two plans can be compared dog by dog; what one dog does is no forecast.
 *
 * @param plan that was walked
 * @param from the step they began on, 0-based
 * @param walks one a dog
 */
public record Rehearsal(Plan plan, int from, List<Walked> walks) {

    /** As many as are drawn. */
    public static final int DOGS = 100;
    /** They walk no longer than this. */
    public static final int MOST_DAYS = 26 * 7;

    private static final double SKILL_EXCITABLE = 0.01;
    private static final double COMFORT_EXCITABLE = 0.1;
    private static final int STUCK_REPS = 60;
    private static final int LEFT_TWICE = 2;
    private static final int DAYS_A_WEEK = 7;

    public Rehearsal {
        walks = List.copyOf(walks);
    }

    /**
     * Walks it.
     *
     * @param from the step they begin on, 0-based
     * @param past what the real dog did; empty for usual dogs
     */
    public static Rehearsal of(Plan plan, int from, Owners owners, Answering answering, Rules rules, List<Past> past, long seed) {
        return of(plan, from, owners, answering, rules, past, seed, MOST_DAYS);
    }

    /**
     * The same for longer.
     *
     * @param days they walk no longer than this, 1 or more
     */
    public static Rehearsal of(Plan plan, int from, Owners owners, Answering answering, Rules rules, List<Past> past, long seed, int days) {
        double excitable = plan.kind() == TrackKind.COMFORT ? COMFORT_EXCITABLE : SKILL_EXCITABLE;
        List<Dogs.Start> dogs = Dogs.like(past, excitable, DOGS, seed);
        return new Rehearsal(plan, from, IntStream.range(0, DOGS)
                .mapToObj(i -> new Walk(plan, from, owners, answering, rules, dogs.get(i).fresh(), dogs.get(i).traits().taps(), seed + 1 + i).until(days)).toList());
    }

    /** How many of the dogs came to the goal. */
    public int done() {
        return (int) walks.stream().filter(Walked::done).count();
    }

    /**
     * Weeks by which such a share of the dogs is at the goal; empty where fewer ever were.
     *
     * @param share above 0, at most 1
     */
    public OptionalDouble weeks(double share) {
        int wanted = (int) Math.ceil(share * walks.size());
        double[] weeks = walks.stream().filter(Walked::done).mapToDouble(w -> (double) w.days() / DAYS_A_WEEK).sorted().toArray();
        return weeks.length < wanted ? OptionalDouble.empty() : OptionalDouble.of(weeks[wanted - 1]);
    }

    /** Moments over threshold a dog. */
    public double tooMuch() {
        return walks.stream().mapToInt(Walked::tooMuch).average().orElse(0);
    }

    /** Reps of what they could do already, a dog. */
    public double needless() {
        return walks.stream().mapToInt(Walked::needless).average().orElse(0);
    }

    /** Of all UPs the share at which the dog could do the step less than 6 times in 10, 0 to 1; 0 without any. */
    public double tooEarly() {
        return walks.stream().flatMap(w -> w.ups().stream()).mapToDouble(rate -> rate < Walked.TOO_EARLY ? 1 : 0).average().orElse(0);
    }

    /** Of each step of the plan how many dogs got stuck on it: left it downwards twice, or needed 60 reps and more before they could do it, what was put in below included. Waiting for an answer is not being stuck. */
    public List<Integer> stuck() {
        return IntStream.range(0, plan.steps().size()).mapToObj(i -> (int) walks.stream().filter(w -> isStuck(w, i)).count()).toList();
    }

    private boolean isStuck(Walked walk, int step) {
        double above = step == 0 ? Double.NEGATIVE_INFINITY : plan.steps().get(step - 1).level();
        double level = plan.steps().get(step).level();
        List<Walked.OnStep> here = walk.steps().stream().filter(s -> s.level() > above && s.level() <= level).toList();
        return here.stream().mapToInt(s -> s.reps() - s.needless()).sum() >= STUCK_REPS || here.stream().mapToInt(Walked.OnStep::timesLeft).sum() >= LEFT_TWICE;
    }
}

package cahier.core.rehearse;

import cahier.core.rep.Outcome;
import java.util.HashMap;
import java.util.Map;
import java.util.random.RandomGenerator;

/** A made-up dog: it learns, sleeps, forgets, warms up, is put off by a new place, and can have too much (docs/rules.md 40). It knows nothing of the rules. */
public final class Dog {

    /** Where p (1 - p) p, what a rep at a rate of p teaches on average, is greatest. */
    private static final double BEST = 4.0 / 27;

    private final Traits traits;
    private final Map<String, Integer> placesSeen = new HashMap<>();
    private double knows;
    private double learntToday;
    private double mood;
    private double upset;
    private double strange;
    private double handicap;
    private int repsInSession;

    /** As it is on the first day. */
    public Dog(Traits traits) {
        this.traits = traits;
    }

    /** The same dog once more. */
    Dog(Dog other) {
        traits = other.traits;
        placesSeen.putAll(other.placesSeen);
        knows = other.knows;
        learntToday = other.learntToday;
    }

    /**
     * A session begins.
     *
     * @param mood how it is today, 0 as usual
     * @param handicap by how many logits it goes worse with this person
     */
    void begin(String place, double handicap, double mood) {
        int seen = placesSeen.merge(place, 1, Integer::sum) - 1;
        boolean home = placesSeen.size() == 1;
        this.strange = home ? 0 : Traits.NEW_PLACE * Math.pow(0.5, seen);
        this.handicap = handicap;
        this.mood = mood;
        this.upset = 0;
        this.repsInSession = 0;
    }

    /** The chance that the next rep is clean. */
    double chance(double level) {
        double warm = Traits.COLD * Math.exp(-repsInSession / Traits.WARM_REPS);
        return logistic(above(level) - handicap - strange - warm + mood - upset);
    }

    /** The true rate at a step: warmed up, at home, on a usual day. */
    double rate(double level, double handicap) {
        return logistic(above(level) - handicap);
    }

    /** By how many logits it stands above a step. */
    private double above(double level) {
        return traits.starts() + knows + learntToday - traits.height(level);
    }

    /** One rep of a step, what it does to the dog included. */
    Outcome rep(double level, RandomGenerator random) {
        double chance = chance(level);
        double drawn = random.nextDouble();
        double kind = random.nextDouble();
        Outcome outcome = drawn < chance ? Outcome.CLEAN : kind < tooMuch(chance) ? Outcome.TOO_MUCH : random.nextDouble() < Traits.HELPED ? Outcome.HELPED : Outcome.MISSED;
        learn(chance, outcome);
        return outcome;
    }

    private double tooMuch(double chance) {
        return traits.excitable() * (1 - chance) * 2;
    }

    /** What a rep of which it is known how it went has done to the dog. */
    void learn(double chance, Outcome outcome) {
        repsInSession++;
        double clean = traits.learns() * chance * (1 - chance) / BEST;
        learntToday += outcome == Outcome.CLEAN ? clean : traits.fromFailure() * clean;
        if (outcome == Outcome.TOO_MUCH) {
            upset += Traits.UPSET;
            knows -= Traits.UPSET * Traits.FOR_GOOD;
        }
    }

    /** A night goes by. */
    void night(boolean practised) {
        if (practised) {
            knows += Traits.KEPT_OVERNIGHT * learntToday;
            learntToday = 0;
        } else {
            knows *= 1 - Traits.LOST_A_DAY;
        }
    }

    static double logistic(double x) {
        return 1 / (1 + Math.exp(-x));
    }
}

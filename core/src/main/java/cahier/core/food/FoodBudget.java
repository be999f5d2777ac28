package cahier.core.food;

import java.util.Objects;
import java.util.OptionalDouble;

/**
 * What a day's pieces mean for the dog's food (docs/rules.md 12). The number of pieces matters to the dog, their size hardly.
 *
 * @param dog whose ration it is
 * @param treats what it is paid with
 * @param foodKcalPerGram of the ordinary food, more than 0
 * @param share of the daily need that treats may take, more than 0 and at most 1
 */
public record FoodBudget(Dog dog, Treats treats, double foodKcalPerGram, double share) {

    public static final double USUAL_SHARE = 0.1;
    /** Ordinary dry food, where nobody said. */
    public static final double USUAL_FOOD_KCAL_PER_G = 3.6;
    /** Below this a piece can hardly be cut: then the ration itself is the pay. */
    static final double SMALLEST_PIECE_G = 0.05;
    private static final double KCAL = 70;
    private static final double POWER = 0.75;

    /**
     * A dog that eats.
     *
     * @param kg weight, more than 0; the target weight for weight loss
     */
    public record Dog(double kg, Stage stage) {

        public Dog {
            more("kg", kg);
            Objects.requireNonNull(stage, "stage");
        }
    }

    /**
     * A day's pieces.
     *
     * @param pieces a day, jackpots included, 0 or more
     * @param gramsEach more than 0
     * @param kcalPerGram more than 0
     * @param perBiscuit pieces that one whole biscuit gives, 1 or more
     */
    public record Treats(int pieces, double gramsEach, double kcalPerGram, int perBiscuit) {

        /** A piece the size of a pea. */
        public static final double USUAL_PIECE_G = 0.5;
        public static final double USUAL_KCAL_PER_G = 3.5;
        public static final int USUAL_PER_BISCUIT = 4;

        /** So many usual pieces. */
        public static Treats usual(int pieces) {
            return new Treats(pieces, USUAL_PIECE_G, USUAL_KCAL_PER_G, USUAL_PER_BISCUIT);
        }

        public Treats {
            if (pieces < 0) {
                throw new IllegalArgumentException("pieces must be 0 or more, was " + pieces);
            }
            more("gramsEach", gramsEach);
            more("kcalPerGram", kcalPerGram);
            if (perBiscuit < 1) {
                throw new IllegalArgumentException("perBiscuit must be 1 or more, was " + perBiscuit);
            }
        }
    }

    public FoodBudget {
        Objects.requireNonNull(dog, "dog");
        Objects.requireNonNull(treats, "treats");
        more("foodKcalPerGram", foodKcalPerGram);
        if (!(share > 0 && share <= 1)) {
            throw new IllegalArgumentException("share must be more than 0 and at most 1, was " + share + ", for example " + USUAL_SHARE);
        }
    }

    private static void more(String name, double value) {
        if (!(value > 0 && value < Double.POSITIVE_INFINITY)) {
            throw new IllegalArgumentException(name + " must be more than 0, was " + value);
        }
    }

    /** Resting need, kcal a day: 70 kg^0.75. */
    public double resting() {
        return KCAL * Math.pow(dog.kg(), POWER);
    }

    /** Daily need, kcal. */
    public double need() {
        return resting() * dog.stage().factor();
    }

    /** What treats may take of it, kcal a day. */
    public double allowance() {
        return need() * share;
    }

    /** What they take, kcal a day. */
    public double treatKcal() {
        return treats.pieces() * treats.gramsEach() * treats.kcalPerGram();
    }

    /** That as a share of the allowance, 0 and more. */
    double shareOfAllowance() {
        return treatKcal() / allowance();
    }

    /** Whether the pieces weigh more than treats may. */
    public boolean isOver() {
        return treatKcal() > allowance();
    }

    /** Whole biscuits to cut a day. */
    public int biscuits() {
        return (treats.pieces() + treats.perBiscuit() - 1) / treats.perBiscuit();
    }

    /** Grams to take off the meals of a day; never more than the whole ration. */
    public double mealGramsOff() {
        return Math.min(treatKcal(), need()) / foodKcalPerGram;
    }

    /** The largest piece, in grams, with which so many would fit the allowance; none for no pieces. */
    public OptionalDouble largestPieceGrams() {
        return treats.pieces() == 0 ? OptionalDouble.empty() : OptionalDouble.of(allowance() / (treats.pieces() * treats.kcalPerGram()));
    }

    /** Whether the treats exceed the whole need. */
    boolean isImpossible() {
        return treatKcal() > need();
    }

    /** Whether no piece that can be cut would fit: then the ordinary food is the pay. */
    public boolean payFromRation() {
        return isOver() && largestPieceGrams().orElse(Double.MAX_VALUE) < SMALLEST_PIECE_G;
    }
}

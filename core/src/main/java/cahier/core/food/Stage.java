package cahier.core.food;

/** How much of its resting need a dog eats a day (docs/rules.md 12). */
public enum Stage {

    PUPPY_UNDER_4_MONTHS(3.0), PUPPY(2.0), ADULT_NEUTERED(1.6), ADULT_ENTIRE(1.8), SENIOR(1.4), WORKING(2.5),
    /** With the target weight; a vet's call. */
    WEIGHT_LOSS(1.0);

    private final double factor;

    Stage(double factor) {
        this.factor = factor;
    }

    double factor() {
        return factor;
    }
}

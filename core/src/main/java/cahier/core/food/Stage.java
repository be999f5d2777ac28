package cahier.core.food;

import java.time.LocalDate;
import java.time.Period;
import java.util.Optional;

/** How much of its resting need a dog eats a day (docs/rules.md 12). */
public enum Stage {

    PUPPY_UNDER_4_MONTHS(3.0), PUPPY(2.0), ADULT_NEUTERED(1.6), ADULT_ENTIRE(1.8), SENIOR(1.4), WORKING(2.5),
    /** With the target weight; a vet's call. */
    WEIGHT_LOSS(1.0);

    private static final int PUPPY_MONTHS = 12;
    private static final int YOUNG_PUPPY_MONTHS = 4;
    private static final int SENIOR_YEARS = 9;

    private final double factor;

    Stage(double factor) {
        this.factor = factor;
    }

    /**
     * By age: a puppy to its first birthday, a senior from its ninth. Unless a dog between is said to be entire it counts as neutered, which eats less.
     *
     * @param born empty where nobody knows; it then counts as grown up
     * @param neutered empty where nobody said
     */
    public static Stage of(Optional<LocalDate> born, Optional<Boolean> neutered, LocalDate today) {
        Optional<Period> age = born.map(b -> Period.between(b, today));
        if (age.filter(a -> a.toTotalMonths() < PUPPY_MONTHS).isPresent()) {
            return age.get().toTotalMonths() < YOUNG_PUPPY_MONTHS ? PUPPY_UNDER_4_MONTHS : PUPPY;
        }
        if (age.filter(a -> a.getYears() >= SENIOR_YEARS).isPresent()) {
            return SENIOR;
        }
        return neutered.orElse(true) ? ADULT_NEUTERED : ADULT_ENTIRE;
    }

    double factor() {
        return factor;
    }
}

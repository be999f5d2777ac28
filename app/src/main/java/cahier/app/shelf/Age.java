package cahier.app.shelf;

import java.time.LocalDate;
import java.time.Period;

/** How old a dog is, as far as what it can be asked depends on it. */
public enum Age {

    PUPPY("a puppy, to 5 months", 6), YOUNG("young, to 2 years", 24), GROWN("grown", 96), OLD("old, from 8 years", Integer.MAX_VALUE);

    private final String words;
    private final int untilMonths;

    Age(String words, int untilMonths) {
        this.words = words;
        this.untilMonths = untilMonths;
    }

    public String words() {
        return words;
    }

    /** Of a dog that was born on that day. */
    public static Age of(LocalDate born, LocalDate today) {
        long months = Period.between(born, today).toTotalMonths();
        for (Age age : values()) {
            if (months < age.untilMonths) {
                return age;
            }
        }
        return OLD;
    }
}

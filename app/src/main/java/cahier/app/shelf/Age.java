package cahier.app.shelf;

import cahier.app.language.Words;
import java.time.LocalDate;
import java.time.Period;

/** How old a dog is, as far as what it can be asked depends on it. */
public enum Age {

    PUPPY(6), YOUNG(24), GROWN(96), OLD(Integer.MAX_VALUE);

    private final int untilMonths;

    Age(int untilMonths) {
        this.untilMonths = untilMonths;
    }

    public String words() {
        return Words.say("shelf.Age." + name());
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

package cahier.app.household;

import cahier.app.language.Words;
import cahier.app.web.Measures;
import java.time.LocalDate;
import java.time.Period;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A dog.
 *
 * @param looks in words, say "terrier cross"
 * @param weightG grams
 */
public record Dog(long id, String name, String looks, @Nullable LocalDate born, @Nullable Integer weightG, int version) {

    private static final int MONTHS_UNTIL = 24;

    /** "Pim, terrier cross, 14 months, 8.4 kg (18.5 lb)": what is known, on that day. */
    public String described(LocalDate today) {
        List<String> parts = new ArrayList<>(List.of(name));
        if (!looks.isEmpty()) {
            parts.add(looks);
        }
        if (born != null) {
            parts.add(age(born, today));
        }
        if (weightG != null) {
            parts.add(Measures.weight(weightG));
        }
        return String.join(", ", parts);
    }

    /** "Pim, terrier cross": for lists. */
    public String briefly() {
        return looks.isEmpty() ? name : name + ", " + looks;
    }

    private static String age(LocalDate born, LocalDate today) {
        Period age = Period.between(born, today);
        long months = age.toTotalMonths();
        if (months < MONTHS_UNTIL) {
            return months + (months == 1 ? " month" : " months");
        }
        return Words.say("household.Dog.years", age.getYears());
    }
}

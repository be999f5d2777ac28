package cahier.app.bench;

import cahier.app.language.Words;
import cahier.app.web.Measures;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Reads the figures of a set-up and keeps what was refused in words. */
final class BenchCheck {

    private final List<String> refusals = new ArrayList<>();

    List<String> refusals() {
        return List.copyOf(refusals);
    }

    boolean isFine() {
        return refusals.isEmpty();
    }

    void refuse(String what, String why) {
        refusals.add(what + " " + why + ".");
    }

    /** Metres as a plain number, also below 0: to the left. After a refusal a harmless stand-in. */
    double metres(String what, @Nullable String typed, double least, double most) {
        return number(what, "metres", typed, least, most);
    }

    double minutes(String what, @Nullable String typed, double least, double most) {
        return number(what, "minutes", typed, least, most);
    }

    private double number(String what, String unit, @Nullable String typed, double least, double most) {
        String value = typed == null ? "" : typed.strip().replace(',', '.');
        if (value.matches("-?\\d{1,3}(\\.\\d{1,2})?") && Double.parseDouble(value) >= least && Double.parseDouble(value) <= most) {
            return Double.parseDouble(value);
        }
        refuse(what, Words.say("bench.BenchCheck.must-be-a-number-of", unit, Measures.plain(least, 1), Measures.plain(most, 0), value));
        return Math.max(least, 1);
    }

    int whole(String what, @Nullable String typed, int least, int most) {
        String value = typed == null ? "" : typed.strip();
        if (value.matches("\\d{1,4}") && Integer.parseInt(value) >= least && Integer.parseInt(value) <= most) {
            return Integer.parseInt(value);
        }
        refuse(what, Words.say("bench.BenchCheck.must-be-a-whole-number", least, most, value));
        return least;
    }
}

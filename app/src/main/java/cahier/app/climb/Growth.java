package cahier.app.climb;

import cahier.app.language.Words;
import cahier.core.climb.Climb;
import cahier.core.climb.Unit;
import java.util.List;
import java.util.Locale;
import java.util.function.ToDoubleFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How a criterion grows from step to step, as it is typed: "1.5 times", "x 1.5", "by 1 m", "2 s". */
public record Growth(boolean times, double amount) {

    private static final Pattern TIMES = Pattern.compile("(?:x\\s*)?(\\d{1,3}(?:[.,]\\d{1,3})?)\\s*(?:times|x)?", Pattern.CASE_INSENSITIVE);

    /**
     * Reads it.
     *
     * @param measure reads an amount with its unit, say {@code Measures::metres}
     */
    public static Growth read(String typed, ToDoubleFunction<String> measure) {
        String text = typed.strip().toLowerCase(Locale.ROOT);
        boolean saysTimes = text.contains("times") || text.startsWith("x") || text.endsWith("x");
        Matcher matcher = TIMES.matcher(text);
        if (saysTimes && matcher.matches()) {
            return new Growth(true, Double.parseDouble(matcher.group(1).replace(',', '.')));
        }
        if (saysTimes || text.isEmpty()) {
            throw new IllegalArgumentException(Words.say("climb.Growth.must-be-a-growth-such", typed));
        }
        return new Growth(false, measure.applyAsDouble(text.startsWith("by") ? text.substring(2) : text));
    }

    /** The values from start to goal; the core refuses what cannot be climbed. */
    public List<Double> climb(Unit unit, double start, double goal) {
        return times ? Climb.times(unit, start, goal, amount) : Climb.by(start, goal, amount);
    }
}

package cahier.app.rehearse;

import cahier.app.draw.Drawing;
import cahier.core.rehearse.Answering;
import cahier.core.rehearse.Rehearsal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/**
 * One plan as it was walked, in words.
 *
 * @param name "As it is" or "Changed"
 * @param goal "Half of the dogs reach the goal within 9 weeks, nine in ten within 14."
 */
record RehearsalView(String name, Rehearsal walked, Drawing drawing, String goal) {

    private static final int PER_100 = 100;

    /** As it is, and changed where it shall be otherwise; both are drawn over the same weeks. */
    static List<RehearsalView> all(Known known, Change change) {
        Map<String, Rehearsal> walked = new LinkedHashMap<>(Map.of("As it is", Rehearsals.walk(known, Change.NONE)));
        if (!change.isNone()) {
            walked.put("Changed", Rehearsals.walk(known, change));
        }
        int days = walked.values().stream().mapToInt(Rehearsals::days).max().orElseThrow();
        return walked.entrySet().stream().map(w -> {
            String goal = goal(w.getValue());
            return new RehearsalView(w.getKey(), w.getValue(), Rehearsals.drawing(known, w.getValue(), days, w.getKey() + ": " + w.getValue().walks().size() + " made-up dogs. " + goal), goal);
        }).toList();
    }

    /** When the made-up trainer answers. */
    static String words(Answering answering) {
        return switch (answering) {
            case AT_ONCE -> "as each session closes";
            case OWNER_MOVES_ON -> "the owner may move on, a lesson a week";
            case WEEKLY -> "in a lesson a week";
            case FORTNIGHTLY -> "in a lesson every two weeks";
        };
    }

    private static String goal(Rehearsal walked) {
        OptionalDouble half = walked.weeks(0.5);
        OptionalDouble most = walked.weeks(0.9);
        if (half.isEmpty()) {
            return "Fewer than half of the dogs reach the goal within 26 weeks: " + walked.done() + " of " + walked.walks().size() + ".";
        }
        return "Half of the dogs reach the goal within " + weeks(half.getAsDouble()) + ", " + (most.isPresent() ? "nine in ten within " + weeks(most.getAsDouble()) : "nine in ten not within 26 weeks") + ".";
    }

    private static String weeks(double weeks) {
        long whole = Math.max(1, Math.round(weeks));
        return whole + (whole == 1 ? " week" : " weeks");
    }

    /** "9", or "over 26". */
    public String half() {
        return said(walked.weeks(0.5));
    }

    public String most() {
        return said(walked.weeks(0.9));
    }

    private static String said(OptionalDouble weeks) {
        return weeks.isEmpty() ? "over 26" : Long.toString(Math.max(1, Math.round(weeks.getAsDouble())));
    }

    /** "1.2 of 100". */
    public String tooEarly() {
        return number(PER_100 * walked.tooEarly()) + " of 100";
    }

    public String tooMuch() {
        return number(walked.tooMuch());
    }

    public String needless() {
        return Long.toString(Math.round(walked.needless()));
    }

    private static String number(double value) {
        return String.format(Locale.UK, "%.1f", value);
    }

    /** Dogs that got stuck, step by step of the plan that was walked. */
    public List<Integer> stuck() {
        return walked.stuck();
    }

    /** The steps on which most got stuck, a fifth of the dogs or more: "step 4 (31 dogs)"; empty where there is none. */
    public String where() {
        List<Integer> stuck = walked.stuck();
        int fifth = walked.walks().size() / 5;
        List<String> worst = IntStream.range(0, stuck.size()).boxed().filter(i -> stuck.get(i) >= fifth).sorted((a, b) -> stuck.get(b) - stuck.get(a)).limit(3)
                .map(i -> "step " + (i + 1) + " (" + stuck.get(i) + " dogs)").toList();
        return worst.isEmpty() ? "On no step do a fifth of them get stuck." : "They get stuck on " + String.join(", ", worst) + ".";
    }
}

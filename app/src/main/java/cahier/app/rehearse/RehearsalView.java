package cahier.app.rehearse;

import cahier.app.draw.Drawing;
import cahier.app.language.Words;
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
        Map<String, Rehearsal> walked = new LinkedHashMap<>(Map.of(Words.say("rehearse.RehearsalView.as-it-is"), Rehearsals.walk(known, Change.NONE)));
        if (!change.isNone()) {
            walked.put("Changed", Rehearsals.walk(known, change));
        }
        int days = walked.values().stream().mapToInt(Rehearsals::days).max().orElseThrow();
        return walked.entrySet().stream().map(w -> {
            String goal = goal(w.getValue());
            return new RehearsalView(w.getKey(), w.getValue(), Rehearsals.drawing(known, w.getValue(), days, Words.say("rehearse.RehearsalView.made-up-dogs", w.getKey(), w.getValue().walks().size(), goal)), goal);
        }).toList();
    }

    /** When the made-up trainer answers. */
    static String words(Answering answering) {
        return switch (answering) {
            case AT_ONCE -> Words.say("rehearse.RehearsalView.as-each-session-closes");
            case OWNER_MOVES_ON -> Words.say("rehearse.RehearsalView.the-owner-may-move-on");
            case WEEKLY -> Words.say("rehearse.RehearsalView.in-a-lesson-a-week");
            case FORTNIGHTLY -> Words.say("rehearse.RehearsalView.in-a-lesson-every-two");
        };
    }

    private static String goal(Rehearsal walked) {
        OptionalDouble half = walked.weeks(0.5);
        OptionalDouble most = walked.weeks(0.9);
        if (half.isEmpty()) {
            return Words.say("rehearse.RehearsalView.fewer-than-half-of-the", walked.done(), walked.walks().size());
        }
        return Words.say("rehearse.RehearsalView.half-of-the-dogs-reach", weeks(half.getAsDouble()), (most.isPresent() ? Words.say("rehearse.RehearsalView.nine-in-ten-within", weeks(most.getAsDouble())) : Words.say("rehearse.RehearsalView.nine-in-ten-not-within")));
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
        return Words.say("rehearse.RehearsalView.of-100", number(PER_100 * walked.tooEarly()));
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
                .map(i -> Words.say("rehearse.RehearsalView.step-dogs", (i + 1), stuck.get(i))).toList();
        return worst.isEmpty() ? Words.say("rehearse.RehearsalView.on-no-step-do-a") : Words.say("rehearse.RehearsalView.they-get-stuck-on", String.join(", ", worst));
    }
}

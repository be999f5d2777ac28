package cahier.app.cost;

import cahier.app.draw.Bundle;
import cahier.app.draw.Drawing;
import cahier.app.draw.Strands;
import cahier.app.language.Words;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * What a hundred made-up dogs need for a template. Steps that measure adjust themselves and are not walked.
 *
 * @param plan tells the plans that were walked from others
 * @param steps that were walked, 1 or more
 * @param reps that every dog needs at least, whatever it is
 * @param two at two sessions a week
 * @param five at five sessions a week
 * @param stuck where most of them get stuck at five sessions a week, the worst first
 * @param strands some of their ways at five sessions a week, each as days and tenths of steps in turn
 */
public record Cost(String plan, int steps, int reps, Weeks two, Weeks five, List<Stuck> stuck, List<List<Integer>> strands) {

    /** Weeks that are walked. */
    public static final int MOST_WEEKS = 52;
    private static final int DRAWN_WEEKS = 26;
    /** Parts of a step that are told apart. */
    public static final int TENTHS = 10;

    /**
     * Weeks until the goal.
     *
     * @param half until half of them reach it; none where fewer do within 52 weeks
     * @param most until nine in ten do
     * @param at the step on which half of them still are, or were before, when the weeks are over; from 1, none where half are at the goal
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record Weeks(@Nullable Integer half, @Nullable Integer most, @Nullable Integer at) {

        /** "9 weeks at five sessions a week, for nine in ten 14", "at two step 9 of 17 after 52 weeks". */
        String words(String often, int steps) {
            if (half == null) {
                return Words.say("cost.Cost.at-step-of-after-weeks", often, at, steps, MOST_WEEKS);
            }
            return half + (half == 1 ? Words.say("cost.Cost.week-at") : Words.say("cost.Cost.weeks-at")) + often + (most == null || most.equals(half) ? "" : Words.say("cost.Cost.for-nine-in-ten", most));
        }
    }

    /** A step, by its title, and how many of a hundred dogs get stuck on it. */
    public record Stuck(String step, int dogs) {
    }

    public Cost {
        stuck = List.copyOf(stuck);
        strands = strands.stream().map(List::copyOf).toList();
    }

    /** "140 reps at least. Half of them: 9 weeks at five sessions a week, for nine in ten 14; at two step 9 of 17 after 52 weeks." */
    public String words() {
        return Words.say("cost.Cost.at-least-half-of-them", reps, five.words(Words.say("cost.Cost.five-sessions-a-week"), steps), two.words("two", steps));
    }

    /** "Stuck on: On the word (31 of 100), Outside (12)."; empty where hardly any dog gets stuck. */
    public String where() {
        return stuck.isEmpty() ? "" : Words.say("cost.Cost.stuck-on", String.join(", ", stuck.stream().map(s -> s.step() + " (" + s.dogs() + (s == stuck.get(0) ? Words.say("cost.Cost.of-100") : ")")).toList()));
    }

    /** Their staircases laid over each other, over 26 weeks at five sessions a week for every template, so that two can be compared by eye. */
    public Drawing drawing() {
        List<List<Bundle.Point>> ways = strands.stream().map(s -> IntStream.range(0, s.size() / 2).mapToObj(i -> new Bundle.Point(s.get(2 * i), s.get(2 * i + 1) / (double) TENTHS)).toList()).toList();
        return Strands.of(steps, ways, DRAWN_WEEKS, five.half(), words() + " " + where());
    }
}

package cahier.app.draw;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import cahier.core.rep.Outcome;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Geometry in, path data out: what is drawn stands where the numbers say. */
class DrawingsTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 6, 18);
    private static final Pattern UPRIGHT = Pattern.compile("M([0-9.]+) ([0-9.]+)V([0-9.]+)");

    /** The path of this ink; empty when nothing was drawn with it. */
    private static String path(Drawing drawing, String ink) {
        return drawing.strokes().stream().filter(s -> s.ink().equals(ink)).map(Stroke::d).findFirst().orElse("");
    }

    /** x, from, to of each upright of a path. */
    private static List<double[]> uprights(String d) {
        List<double[]> found = new ArrayList<>();
        Matcher matcher = UPRIGHT.matcher(d);
        while (matcher.find()) {
            found.add(new double[] {Double.parseDouble(matcher.group(1)), Double.parseDouble(matcher.group(2)), Double.parseDouble(matcher.group(3))});
        }
        return found;
    }

    private static Drawing stairs(List<StairDrawing.Day> days, int steps, int current) {
        return StairDrawing.of(days, steps, current, TODAY.minusDays(20), TODAY, List.of(TODAY.minusDays(7)), "alt");
    }

    @Test
    void aFullyCleanDayReachesTheNextStepAndHalfADayHalfWay() {
        Drawing drawing = stairs(List.of(new StairDrawing.Day(TODAY.minusDays(2), 1, 1, false), new StairDrawing.Day(TODAY.minusDays(1), 1, 0.5, false)), 5, 1);
        List<double[]> days = uprights(path(drawing, "m-clean"));
        double full = days.get(0)[1] - days.get(0)[2];
        double half = days.get(1)[1] - days.get(1)[2];
        double step = (152 - 22 - 20) / 5.0;
        assertThat(full).isBetween(step - 5, step);
        assertThat(half).isBetween(full / 2 - 0.2, full / 2 + 0.2);
    }

    @Test
    void laterDaysStandFurtherRightAndHigherStepsHigherUp() {
        Drawing drawing = stairs(List.of(new StairDrawing.Day(TODAY.minusDays(9), 1, 1, false), new StairDrawing.Day(TODAY.minusDays(3), 3, 1, false)), 5, 3);
        List<double[]> days = uprights(path(drawing, "m-clean"));
        assertThat(days.get(1)[0]).isGreaterThan(days.get(0)[0]);
        assertThat(days.get(1)[1]).isLessThan(days.get(0)[1]);
    }

    @Test
    void aPauseOfMoreThanTwoDaysIsDotted() {
        List<StairDrawing.Day> daily = List.of(new StairDrawing.Day(TODAY.minusDays(1), 1, 1, false), new StairDrawing.Day(TODAY, 1, 1, false));
        List<StairDrawing.Day> paused = List.of(new StairDrawing.Day(TODAY.minusDays(9), 1, 1, false), new StairDrawing.Day(TODAY, 1, 1, false));
        assertThat(path(stairs(daily, 3, 1), "pause")).isEmpty();
        assertThat(path(stairs(paused, 3, 1), "pause")).isNotEmpty();
    }

    @Test
    void tooMuchIsMarkedUnderTheTreadAndLessonsAreRules() {
        Drawing drawing = stairs(List.of(new StairDrawing.Day(TODAY.minusDays(1), 2, 0.2, true)), 3, 2);
        assertThat(path(drawing, "m-toomuch")).isNotEmpty();
        assertThat(uprights(path(drawing, "lesson"))).hasSize(1);
        assertThat(path(stairs(List.of(), 3, 1), "m-toomuch")).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 7, 40})
    void everythingStaysInsideThePictureWhateverTheNumberOfSteps(int steps) {
        List<StairDrawing.Day> days = new ArrayList<>();
        for (int i = 400; i >= 0; i--) {
            days.add(new StairDrawing.Day(TODAY.minusDays(i), 1 + i % steps, (i % 11) / 10.0, i % 50 == 0));
        }
        Drawing drawing = StairDrawing.of(days, steps, steps + 1, TODAY.minusDays(400), TODAY, List.of(), "alt");
        for (double[] upright : uprights(path(drawing, "m-clean"))) {
            assertThat(upright[0]).isBetween(0.0, 368.0);
            assertThat(upright[1]).isBetween(0.0, 152.0);
            assertThat(upright[2]).isBetween(0.0, 152.0);
        }
        assertThat(drawing.labels()).allSatisfy(l -> assertThat(l.y()).isBetween(0.0, 152.0));
    }

    @Test
    void aStripDrawsOneMarkARepAndSaysTheCounts() {
        Drawing strip = RepStrip.of(List.of(
                new RepStrip.Part("Mon 15", List.of(Outcome.CLEAN, Outcome.HELPED, Outcome.MISSED)),
                new RepStrip.Part("Tue 16", List.of(Outcome.TOO_MUCH, Outcome.CLEAN))));
        assertThat(strip.alt()).isEqualTo("Last 5 reps: 2 clean, 1 helped, 1 missed, 1 too much");
        assertThat(path(strip, "clean").chars().filter(c -> c == 'M').count()).isEqualTo(2);
        assertThat(strip.labels()).extracting(Label::text).containsExactly("Mon 15", "Tue 16");
        assertThat(strip.labels().get(1).x()).isGreaterThan(3 * 16.0);
    }

    @Test
    void fourteenDaysCountsOnlyItsFourteenDaysAndCapsTheTallest() {
        Drawing drawing = FourteenDays.of(Map.of(
                TODAY, new FourteenDays.Day(10, 5, false), TODAY.minusDays(1), new FourteenDays.Day(500, 500, true),
                TODAY.minusDays(14), new FourteenDays.Day(99, 99, true)), TODAY, 10, List.of(TODAY, TODAY.minusDays(30)));
        assertThat(drawing.alt()).isEqualTo("Last 14 days: 2 days with practice, 510 reps");
        List<double[]> all = uprights(path(drawing, "bar-all"));
        List<double[]> clean = uprights(path(drawing, "bar-clean"));
        assertThat(all).hasSize(2).allSatisfy(bar -> assertThat(bar[2]).isGreaterThanOrEqualTo(0));
        assertThat(clean.get(1)[1] - clean.get(1)[2]).isCloseTo((all.get(1)[1] - all.get(1)[2]) / 2, within(0.11));
        assertThat(uprights(path(drawing, "lesson"))).hasSize(1);
    }

    @Test
    void aShareIsAsLongAsItsRateAndTheTickStandsAtTheBar() {
        Drawing drawing = ShareBars.of(List.of(new ShareBars.Row("Dele", 10, 10), new ShareBars.Row("Marit", 5, 10), new ShareBars.Row("Noor", 0, 4)), 0.8);
        Matcher lines = Pattern.compile("M([0-9.]+) [0-9.]+H([0-9.]+)").matcher(path(drawing, "bar-clean"));
        List<Double> lengths = new ArrayList<>();
        while (lines.find()) {
            lengths.add(Double.parseDouble(lines.group(2)) - Double.parseDouble(lines.group(1)));
        }
        assertThat(lengths).hasSize(2);
        assertThat(lengths.get(1)).isCloseTo(lengths.get(0) / 2, within(0.11));
        assertThat(uprights(path(drawing, "tick")).get(0)[0] - 200).isCloseTo(0.8 * lengths.get(0), within(0.11));
        assertThat(drawing.alt()).isEqualTo("Dele 10 of 10 clean, Marit 5 of 10 clean, Noor 0 of 4 clean");
    }

    @Test
    void aWatchShowsEachSignOnALineOfItsOwn() {
        Drawing watch = WatchLine.of(new WatchLine.Watch(900, List.of(new WatchLine.Mark("vocal", 60, 120), new WatchLine.Mark("pacing", 300, 301)), List.of(-60f, -20f)));
        assertThat(watch.labels()).extracting(Label::text).contains("vocal", "pacing", "0\u00a0min", "15\u00a0min");
        assertThat(path(watch, "spell").chars().filter(c -> c == 'M').count()).isEqualTo(2);
        assertThat(watch.alt()).isEqualTo("Watch: vocal from 60 to 120 s, pacing from 300 to 301 s");
        assertThat(WatchLine.of(new WatchLine.Watch(30, List.of(), List.of())).alt()).isEqualTo("No sign in 30 s");
    }

    @ParameterizedTest
    @EnumSource(Glyph.class)
    void everyGlyphStaysInItsBoxAndHasAWord(Glyph glyph) {
        assertThat(glyph.getLabel()).isNotBlank();
        assertThat(glyph.getId()).matches("g-[a-z-]+");
        Path path = new Path();
        glyph.draw(path, 100, 200, 0.5);
        Matcher numbers = Pattern.compile("[ML]([0-9.]+) ([0-9.]+)").matcher(path.data());
        int points = 0;
        while (numbers.find()) {
            assertThat(Double.parseDouble(numbers.group(1))).isBetween(100.0, 112.0);
            assertThat(Double.parseDouble(numbers.group(2))).isBetween(200.0, 212.0);
            points++;
        }
        assertThat(points).isGreaterThanOrEqualTo(2);
    }

    @Test
    void eachTrackIsAStairOfItsStepsAndAWaitRunsFromTheOneToTheOther() {
        Drawing lanes = Lanes.of(List.of(new Lanes.Lane("Attention", 10, 3, true, "open, step 4 of 10"), new Lanes.Lane("A very long title of a track indeed", 8, 3, false, "waits")),
                List.of(new Lanes.Tie(1, 3, 0, 6, false), new Lanes.Tie(1, 0, 0, 0, true)));

        assertThat(path(lanes, "ink").split("H")).hasSize(1 + 3 + 3);
        assertThat(path(lanes, "pause").split("H")).hasSize(1 + 6 + 4);
        assertThat(path(lanes, "lane-now").split("H")).hasSize(2);
        assertThat(path(lanes, "rests").split("H")).hasSize(2);
        assertThat(path(lanes, "tie")).matches("M574 [0-9.]+C574 [0-9.]+ 358 [0-9.]+ 358 [0-9.]+M354.5 [0-9.]+L358 [0-9.]+L361.5 [0-9.]+");
        assertThat(path(lanes, "rule-s")).startsWith("M250 ");
        assertThat(lanes.labels()).extracting(Label::text).contains("Attention", "A very long title of a tr…");
        assertThat(lanes.alt()).isEqualTo("Attention: open, step 4 of 10; A very long title of a track indeed: waits.");
    }
}

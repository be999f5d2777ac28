package cahier.app.draw;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.web.Dates;
import cahier.core.rep.Evidence;
import cahier.core.rep.Outcome;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The drawings of a track's own page. */
class TrackDrawingsTest {

    @Test
    void theFanReachesTheGoalBetweenItsDaysAndIsCutAtTheEdge() {
        WideStair.Fan near = new WideStair.Fan(TODAY.plusDays(10), TODAY.plusDays(16), Optional.of(TODAY.plusDays(24)));
        WideStair.Fan far = new WideStair.Fan(TODAY.plusDays(100), TODAY.plusDays(200), Optional.empty());
        List<String> steps = Collections.nCopies(6, "A step");
        Drawing with = WideStair.of(new WideStair.Course(List.of(), steps, 3, TODAY.minusDays(30), TODAY, List.of(), List.of(), Optional.of(near)), "alt");
        assertThat(with.strokes()).extracting(Stroke::ink).contains("hatch", "pause");
        assertThat(with.labels()).extracting(Label::text).contains(Dates.shortDate(TODAY.plusDays(10)), Dates.shortDate(TODAY.plusDays(24)));
        Drawing beyond = WideStair.of(new WideStair.Course(List.of(), steps, 3, TODAY.minusDays(30), TODAY, List.of(), List.of(), Optional.of(far)), "alt");
        String rays = beyond.strokes().stream().filter(s -> s.ink().equals("hatch")).findFirst().orElseThrow().d();
        for (String part : rays.split("[ML]")) {
            if (!part.isEmpty()) {
                assertThat(Double.parseDouble(part.split(" ")[0])).isLessThanOrEqualTo(880);
            }
        }
        assertThat(WideStair.of(new WideStair.Course(List.of(), steps, 3, TODAY.minusDays(30), TODAY, List.of(), List.of()), "alt").strokes()).extracting(Stroke::ink).doesNotContain("hatch");
    }


    private static final LocalDate TODAY = LocalDate.of(2026, 6, 18);
    private static final Pattern NUMBER = Pattern.compile("-?\\d+(?:\\.\\d+)?");
    private static final WideStair.Mark LESSON = new WideStair.Mark(TODAY.minusDays(7), "Lesson");
    private static final WideStair.Mark RUNNER = new WideStair.Mark(TODAY.minusDays(2), "For real: a runner");

    private static String path(Drawing drawing, String ink) {
        return drawing.strokes().stream().filter(s -> s.ink().equals(ink)).map(Stroke::d).findFirst().orElse("");
    }

    private static WideStair.Day day(int daysAgo, int step, int clean, int helped, int missed, int tooMuch, String place) {
        return new WideStair.Day(TODAY.minusDays(daysAgo), step, Map.of(Outcome.CLEAN, clean, Outcome.HELPED, helped, Outcome.MISSED, missed, Outcome.TOO_MUCH, tooMuch), place, "day " + daysAgo);
    }

    private static Drawing wide(int steps, int current, int daysShown, WideStair.Day... days) {
        return WideStair.of(new WideStair.Course(List.of(days), Collections.nCopies(steps, "A step"), current, TODAY.minusDays(daysShown), TODAY, List.of(LESSON), List.of(RUNNER)), "alt");
    }

    @Test
    void everyOutcomeOfADayHasItsOwnMark() {
        Drawing drawing = wide(5, 2, 20, day(3, 2, 4, 2, 1, 1, "kitchen"));
        assertThat(List.of("m-clean", "m-helped", "m-missed", "m-toomuch", "lane", "lesson", "incident", "ink", "today")).allMatch(ink -> !path(drawing, ink).isEmpty());
        Drawing clean = wide(5, 2, 20, day(3, 2, 4, 0, 0, 0, ""));
        assertThat(List.of("m-helped", "m-missed", "m-toomuch", "lane")).allMatch(ink -> path(clean, ink).isEmpty());
    }

    @Test
    void everyDayAndEveryIncidentTellsItsStory() {
        Drawing drawing = wide(5, 2, 20, day(9, 1, 4, 0, 0, 0, "kitchen"), day(3, 2, 4, 0, 0, 0, "hall"));
        assertThat(drawing.spots()).extracting(Spot::says).containsExactly("For real: a runner", "day 9", "day 3");
        assertThat(drawing.isTelling()).isTrue();
        Spot first = drawing.spots().get(1);
        Spot later = drawing.spots().get(2);
        assertThat(later.x()).isGreaterThan(first.x());
        assertThat(later.y()).as("a higher step").isLessThan(first.y());
    }

    @Test
    void aPlaceIsNamedWhereItChanges() {
        Drawing drawing = wide(3, 1, 60, day(50, 1, 1, 0, 0, 0, "kitchen"), day(49, 1, 1, 0, 0, 0, "kitchen"), day(20, 1, 1, 0, 0, 0, "hall"));
        assertThat(drawing.labels()).extracting(Label::text).containsOnlyOnce("kitchen").containsOnlyOnce("hall").contains("where", "Goal");
    }

    @ParameterizedTest
    @CsvSource({"1, 0", "3, 1", "13, 30", "40, 400"})
    void everythingStaysInsideThePicture(int steps, int daysShown) {
        Drawing drawing = wide(steps, steps + 1, daysShown, day(0, steps, 1, 1, 1, 1, "kitchen"), day(0, 1, 1, 0, 0, 0, "kitchen"));
        drawing.spots().forEach(s -> {
            assertThat(s.x()).isBetween(0.0, drawing.width());
            assertThat(s.y()).isBetween(0.0, drawing.height());
            assertThat(s.x() + s.width()).isLessThanOrEqualTo(drawing.width());
        });
        drawing.labels().forEach(l -> assertThat(l.y()).isBetween(0.0, drawing.height()));
        Matcher numbers = NUMBER.matcher(path(drawing, "ink"));
        while (numbers.find()) {
            assertThat(Double.parseDouble(numbers.group())).isBetween(0.0, Math.max(drawing.width(), drawing.height()));
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.5, 0.7, 0.8, 0.95})
    void theHatchStandsAtAndAboveTheBarOnly(double bar) {
        Evidence evidence = Evidence.of(Collections.nCopies(18, Outcome.CLEAN));
        Drawing drawing = OddsCurve.of(rate -> evidence.density(rate, 20), bar, "said");
        double at = (bar - 0.5) / 0.5 * 224;
        List<Double> xs = new ArrayList<>();
        Matcher moves = Pattern.compile("M(-?[0-9.]+) ").matcher(path(drawing, "hatch"));
        while (moves.find()) {
            xs.add(Double.parseDouble(moves.group(1)));
        }
        assertThat(xs).isNotEmpty().allMatch(x -> x >= at - 0.1 && x <= 224.1);
        assertThat(drawing.labels()).extracting(Label::text).contains(Math.round(100 * bar) + "%");
    }

    @Test
    void aCurveWithoutAnyDensityIsFlat() {
        assertThat(path(OddsCurve.of(rate -> 0, 0.8, "said"), "ink thin")).startsWith("M0 80");
    }

    @Test
    void theLargeStripTellsEachRep() {
        Drawing strip = RepStrip.large(List.of(new RepStrip.Part("Mon 15", List.of(Outcome.CLEAN, Outcome.MISSED), List.of("Clean, 9:15", "Missed, 9:16"))));
        assertThat(strip.spots()).extracting(Spot::says).containsExactly("Clean, 9:15", "Missed, 9:16");
        assertThat(strip.spots().get(1).x() - strip.spots().get(0).x()).isEqualTo(24);
        assertThat(RepStrip.of(List.of(new RepStrip.Part("Mon 15", List.of(Outcome.CLEAN)))).isTelling()).isFalse();
    }
}

package cahier.app.draw;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class WeekSheetTest {

    private static WeekSheet.Day day(String name, boolean today, List<DayPart> free, List<WeekSheet.Block> blocks) {
        return new WeekSheet.Day(name, today, free, List.of(new DayPart(13 * 60, 18 * 60)), List.of(), blocks);
    }

    private static WeekSheet.Block block(int from, int lane, boolean done, boolean pinned) {
        return new WeekSheet.Block(new DayPart(from, from + 5), lane, "18:00 Marit", "Monday 15 June, 18:00, Marit with Pim: Leave it.", done, pinned);
    }

    private static List<WeekSheet.Day> week(WeekSheet.Day... first) {
        List<WeekSheet.Day> days = new ArrayList<>(List.of(first));
        while (days.size() < 7) {
            days.add(day("Tue 16", false, List.of(), List.of()));
        }
        return days;
    }

    private static boolean has(Drawing drawing, String ink) {
        return drawing.strokes().stream().anyMatch(s -> s.ink().equals(ink));
    }

    @Test
    void hoursReachFromTheFirstFreeOneToTheLast() {
        Drawing drawing = WeekSheet.of(week(day("Mon 15", true, List.of(new DayPart(6 * 60 + 45, 20 * 60 + 30)), List.of(block(18 * 60, 0, false, true)))), List.of("Pim"));

        assertThat(drawing.labels()).extracting(Label::text).contains("6:00", "21:00", "Mon 15", "18:00 Marit").doesNotContain("5:00", "22:00", "Pim");
        assertThat(drawing.alt()).isEqualTo("The week: 1 session.");
        assertThat(drawing.spots()).singleElement().satisfies(s -> assertThat(s.says()).endsWith("Marit with Pim: Leave it."));
        assertThat(List.of("wk-free", "wk-planned", "wk-pin", "wk-hot", "wk-now")).allMatch(ink -> has(drawing, ink));
        assertThat(has(drawing, "wk-done")).isFalse();
    }

    @Test
    void everyDogHasALaneOfItsOwn() {
        Drawing drawing = WeekSheet.of(week(day("Mon 15", true, List.of(new DayPart(480, 1200)), List.of(block(600, 0, true, false), block(600, 1, false, false)))), List.of("Sorrel", "Juniper"));

        assertThat(drawing.spots().get(1).x()).isGreaterThan(drawing.spots().get(0).x() + 40);
        assertThat(drawing.labels()).extracting(Label::text).contains("Sorrel", "Juniper");
        assertThat(has(drawing, "wk-done")).isTrue();
    }

    @Test
    void anEmptyWeekStillHasADay() {
        assertThat(WeekSheet.of(week(), List.of()).labels()).extracting(Label::text).contains("8:00", "20:00");
    }
}

package cahier.app.draw;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class LessonWeekTest {

    private static LessonWeek.Visit visit(int from, int to, int way, boolean clashes, boolean over) {
        return new LessonWeek.Visit(from, 1, new DayPart(from, to), "9:15", way, "Haldane-Reyes-Montcrieff", "", clashes, over, "Haldane-Reyes-Montcrieff.");
    }

    private static LessonWeek.Drawn week(List<DayPart> busy, LessonWeek.Visit... visits) {
        return LessonWeek.of(IntStream.range(0, 7).mapToObj(i -> new LessonWeek.Day("2026-11-0" + (i + 1), "Day " + i, i == 1, i == 1 ? busy : List.of(), i == 1 ? List.of(visits) : List.of(), true)).toList());
    }

    private static List<String> words(LessonWeek.Drawn week) {
        return week.ground().labels().stream().map(Label::text).toList();
    }

    @Test
    void whatIsFreeBetweenTwoLessonsIsWrittenWithoutTheWay() {
        assertThat(words(week(List.of(), visit(540, 600, 0, false, false), visit(720, 780, 20, false, false)))).contains("1 h 40 free");
        assertThat(words(week(List.of(), visit(540, 600, 0, false, false), visit(630, 690, 40, true, false)))).contains("too short").noneMatch(w -> w.endsWith("free"));
        assertThat(words(week(List.of(), visit(540, 600, 0, false, false), visit(610, 690, 0, false, false)))).as("no room for words").noneMatch(w -> w.endsWith("free"));
    }

    @Test
    void aLessonLiesAtItsHourOnItsDayWithTheWayBeforeIt() {
        LessonWeek.Drawn week = week(List.of(), visit(555, 615, 20, false, false));
        assertThat(week.blocks()).singleElement().satisfies(b -> {
            assertThat(b.x()).isEqualTo(week.left() + week.column() + 3);
            assertThat(b.y()).isEqualTo(week.top() + (555 - 480) * week.hour() / 60);
            assertThat(b.height()).isEqualTo(week.hour());
            assertThat(b.way()).isNotEmpty();
            assertThat(b.label()).isEqualTo("Haldane-Reyes-…");
            assertThat(b.under()).isEqualTo("9:15, way 20");
            assertThat(b.ink()).isEmpty();
        });
        assertThat(week.ground().alt()).isEqualTo("Seven days from Day 0: 1 lesson.");
    }

    @Test
    void whatRunsIntoSomethingOrIsOverIsInkedSoAndAShortOneCanStillBeHeld() {
        assertThat(week(List.of(), visit(540, 555, 0, true, false), visit(600, 660, 0, true, true)).blocks()).extracting(LessonWeek.Block::ink).containsExactly("clashes", "is-over");
        assertThat(week(List.of(), visit(540, 555, 0, false, false)).blocks().get(0)).satisfies(b -> assertThat(b.height()).isEqualTo(24)).satisfies(b -> assertThat(b.under()).isEmpty());
    }

    @Test
    void lessonsOfTheSameTimeLieBesideEachOtherAndNoneIsHidden() {
        List<LessonWeek.Block> both = week(List.of(), visit(540, 600, 0, true, false), visit(570, 630, 0, true, false), visit(600, 660, 0, true, false), visit(720, 780, 0, false, false)).blocks();
        assertThat(both.get(1).x()).isEqualTo(both.get(0).x() + both.get(0).width());
        assertThat(both.get(2).x()).as("the first lane is free again").isEqualTo(both.get(0).x());
        assertThat(both.get(0).width()).isEqualTo((week(List.of()).column() - 6) / 2);
        assertThat(both.get(0).label()).isEqualTo("Haldan…");
        assertThat(both.get(3).width()).as("nothing is beside it").isEqualTo(week(List.of()).column() - 6);
    }

    @Test
    void whatIsFreeIsCountedFromTheOneThatEndsLast() {
        assertThat(words(week(List.of(), visit(540, 780, 0, true, false), visit(570, 600, 0, true, false), visit(840, 900, 0, false, false)))).contains("1 h free").doesNotContain("4 h free");
    }

    @Test
    void theHoursReachAsFarAsWhatIsOnAndNotPastTheDay() {
        LessonWeek.Drawn early = week(List.of(new DayPart(0, 1440)), visit(360, 420, 30, false, false));
        assertThat(List.of(early.first(), early.last())).containsExactly(0, 24);
        assertThat(early.ground().strokes()).anyMatch(s -> s.ink().equals("wk-busy"));
        assertThat(List.of(week(List.of()).first(), week(List.of()).last())).containsExactly(8, 19);
    }
}

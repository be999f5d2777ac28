package cahier.core.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Which dates are proposed for the next lesson (docs/rules.md 19). */
class NextDateTest {

    private static final LocalDateTime LAST = LocalDateTime.parse("2026-06-18T09:15");

    private static List<String> proposed(List<NextDate.Taken> taken) {
        return NextDate.propose(List.of(LAST.minusDays(14), LAST), 7, 60, 20, taken).stream().map(n -> n.at() + (n.isFree() ? "" : " " + n.clash())).toList();
    }

    private static NextDate.Taken taken(String from, String to, int travel) {
        return new NextDate.Taken(LocalDateTime.parse(from), LocalDateTime.parse(to), travel, "dentist");
    }

    @Test
    void theHourTheyAreUsedToComesFirst() {
        assertThat(proposed(List.of())).containsExactly("2026-07-02T09:15", "2026-07-02T10:15", "2026-07-02T08:15");
    }

    @Test
    void whatClashesIsSaidAndOthersAreFree() {
        assertThat(proposed(List.of(taken("2026-07-02T10:00", "2026-07-02T11:00", 0)))).containsExactly("2026-07-02T09:15 dentist", "2026-07-02T08:45", "2026-07-02T11:45", "2026-07-03T09:15");
    }

    @Test
    void theWayCountsOnBothSides() {
        assertThat(proposed(List.of(taken("2026-07-02T07:00", "2026-07-02T08:54", 0)))).first().isEqualTo("2026-07-02T09:15");
        assertThat(proposed(List.of(taken("2026-07-02T07:00", "2026-07-02T08:56", 0)))).first().isEqualTo("2026-07-02T09:15 dentist");
        assertThat(proposed(List.of(taken("2026-07-02T10:45", "2026-07-02T11:45", 30)))).first().isEqualTo("2026-07-02T09:15");
        assertThat(proposed(List.of(taken("2026-07-02T10:44", "2026-07-02T11:45", 30)))).first().isEqualTo("2026-07-02T09:15 dentist");
    }

    @Test
    void aDayThatIsFullGivesWayToTheDaysBesideIt() {
        assertThat(proposed(List.of(taken("2026-07-02T00:00", "2026-07-03T00:00", 0)))).containsExactly("2026-07-02T09:15 dentist", "2026-07-03T09:15", "2026-07-01T09:15", "2026-07-04T09:15");
    }

    @Test
    void theRhythmIsTheMiddleOfTheLatestGaps() {
        assertThat(NextDate.days(List.of(LAST), 10)).isEqualTo(10);
        assertThat(NextDate.days(List.of(LAST.minusDays(6), LAST), 10)).isEqualTo(7);
        assertThat(NextDate.days(List.of(LAST.minusDays(46), LAST.minusDays(18), LAST.minusDays(11), LAST), 10)).as("28, 7 and 11 days").isEqualTo(14);
        assertThat(NextDate.days(List.of(LAST.minusDays(300), LAST), 10)).isEqualTo(56);
        assertThat(NextDate.days(List.of(LAST.minusDays(1), LAST), 10)).isEqualTo(7);
    }

    @Test
    void aLateLessonGoesNotIntoTheNight() {
        LocalDateTime evening = LocalDateTime.parse("2026-06-18T19:00");
        assertThat(NextDate.propose(List.of(evening), 7, 60, 0, List.of())).extracting(NextDate::at).containsExactly(LocalDateTime.parse("2026-06-25T19:00"), LocalDateTime.parse("2026-06-25T18:00"), LocalDateTime.parse("2026-06-25T17:00"));
    }
}

package cahier.app.lesson;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assertions.assertTimeout;

import java.io.StringReader;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is understood of a calendar file. */
class BusyTimesTest {

    private static final Instant NOW = Instant.parse("2026-06-01T08:00:00Z");
    private static final ZoneId LONDON = ZoneId.of("Europe/London");

    private static String event(String... lines) {
        return "BEGIN:VEVENT\r\nUID:" + String.join("", lines).hashCode() + "@x.example\r\nDTSTAMP:20260601T000000Z\r\n" + String.join("\r\n", lines) + "\r\nEND:VEVENT\r\n";
    }

    private static List<Busy> times(String... events) {
        return CalendarFile.busy(new StringReader("BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//EN\r\n" + String.join("", events) + "END:VCALENDAR\r\n"), LONDON, NOW);
    }

    private static Busy busy(String from, String to, String title) {
        return new Busy(Instant.parse(from), Instant.parse(to), title);
    }

    @Test
    void aMomentIsKeptAsItIs() {
        assertThat(times(event("SUMMARY:Dentist", "DTSTART:20260602T090000Z", "DTEND:20260602T100000Z"))).containsExactly(busy("2026-06-02T09:00:00Z", "2026-06-02T10:00:00Z", "Dentist"));
        assertThat(times(event("DTSTART:20260602T090000Z", "DURATION:PT30M"))).containsExactly(busy("2026-06-02T09:00:00Z", "2026-06-02T09:30:00Z", "busy"));
    }

    @Test
    void wallTimeAndWholeDaysAreInTheTrainersZone() {
        assertThat(times(event("SUMMARY:Call", "DTSTART:20260602T090000", "DTEND:20260602T100000"))).containsExactly(busy("2026-06-02T08:00:00Z", "2026-06-02T09:00:00Z", "Call"));
        assertThat(times(event("SUMMARY:Away", "DTSTART;VALUE=DATE:20260603", "DTEND;VALUE=DATE:20260605"))).containsExactly(busy("2026-06-02T23:00:00Z", "2026-06-04T23:00:00Z", "Away"));
    }

    @Test
    void aTimeOfAnotherZoneIsThatMoment() {
        assertThat(times(event("SUMMARY:Call", "DTSTART;TZID=Europe/Berlin:20260602T090000", "DTEND;TZID=Europe/Berlin:20260602T100000")))
                .containsExactly(busy("2026-06-02T07:00:00Z", "2026-06-02T08:00:00Z", "Call"));
    }

    @Test
    void whatRepeatsIsWrittenOutForAYearWithoutItsExceptions() {
        List<Busy> weekly = times(event("SUMMARY:Choir", "DTSTART;TZID=Europe/London:20260504T190000", "DTEND;TZID=Europe/London:20260504T203000", "RRULE:FREQ=WEEKLY",
                "EXDATE;TZID=Europe/London:20260608T190000"));
        assertThat(weekly).hasSizeBetween(51, 53).extracting(Busy::startsAt).contains(Instant.parse("2026-06-01T18:00:00Z"), Instant.parse("2026-12-07T19:00:00Z"))
                .doesNotContain(Instant.parse("2026-06-08T18:00:00Z"), Instant.parse("2026-05-25T18:00:00Z"));
    }

    @Test
    void whatIsCancelledOrLeavesTheTrainerFreeIsLeftOut() {
        assertThat(times(event("DTSTART:20260602T090000Z", "DTEND:20260602T100000Z", "STATUS:CANCELLED"), event("DTSTART:20260602T090000Z", "DTEND:20260602T100000Z", "TRANSP:TRANSPARENT"),
                event("SUMMARY:Long ago", "DTSTART:20250602T090000Z", "DTEND:20250602T100000Z"))).isEmpty();
        assertThat(times()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "name,start\nDentist,9", "BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nDTSTART:yesterday\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n", "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\n"})
    void whatIsNoCalendarIsRefused(String file) {
        assertThatThrownBy(() -> CalendarFile.busy(new StringReader(file), LONDON, NOW)).isInstanceOf(CalendarFile.Bad.class).hasMessageStartingWith("This is not a calendar file (.ics)");
    }

    @Test
    void anEntryWithoutAStartIsNamed() {
        assertThatThrownBy(() -> times(event("SUMMARY:Someday"))).hasMessage("“Someday” has no start.");
    }

    @Test
    void moreThanAnybodyHasInAYearIsRefused() {
        assertThatThrownBy(() -> times(event("SUMMARY:Tick", "DTSTART:20260602T090000Z", "DTEND:20260602T090100Z", "RRULE:FREQ=SECONDLY"))).hasMessage("An entry of this calendar repeats more often than every hour.");
        assertThatThrownBy(() -> times(event("DTSTART:20260602T090000Z", "DTEND:20260602T090100Z", "RRULE:FREQ=HOURLY")))
                .hasMessageStartingWith("This calendar has more than 5000 entries");
    }

    /** Each asks for millions of times in a few letters, some of them in what is left out or in when the clocks change. */
    @ParameterizedTest
    @ValueSource(strings = {"RRULE:FREQ=DAILY\r\nEXRULE:FREQ=SECONDLY", "RRULE:FREQ=MINUTELY", "RRULE:FREQ=HOURLY;BYMINUTE=0,1,2,3,4,5;BYSECOND=0,1,2,3", "rrule:freq=secondly", "RRULE:FRE\r\n Q=SECONDLY",
        "RRULE;X-A=\"b:c\":FREQ=SECONDLY", "RRULE:FREQ=YEARLY;BYDAY=MO,TU;BYHOUR=1,2,3,4,5;BYMINUTE=1,2,3,4,5,6", "RRULE:INTERVAL=1", "RRULE:FREQ=FORTNIGHTLY"})
    void aFewLettersCannotAskForMillions(String rule) {
        assertTimeout(Duration.ofSeconds(2), () -> assertThatThrownBy(() -> times(event("SUMMARY:Tick", "DTSTART:20260602T090000Z", "DTEND:20260602T090100Z", rule)))
                .isInstanceOf(CalendarFile.Bad.class).hasMessage("An entry of this calendar repeats more often than every hour."));
    }

    @Test
    void whatBeganLongAgoIsFollowedThroughOnlySoFar() {
        assertThat(times(event("SUMMARY:Birthday", "DTSTART;VALUE=DATE:19510602", "DTEND;VALUE=DATE:19510603", "RRULE:FREQ=YEARLY"))).hasSizeBetween(1, 2);
        assertThatThrownBy(() -> times(event("SUMMARY:Pill", "DTSTART:00010602T090000Z", "DTEND:00010602T090100Z", "RRULE:FREQ=DAILY"))).hasMessage("“Pill” has repeated since 1, too often to be followed through.");
        String[] daily = IntStream.range(0, 2_000).mapToObj(i -> event("SUMMARY:Pill", "DTSTART:19260602T090000Z", "DTEND:19260602T090100Z", "RRULE:FREQ=DAILY;UNTIL=19270101T000000Z")).toArray(String[]::new);
        assertTimeout(Duration.ofSeconds(10), () -> assertThatThrownBy(() -> times(daily)).hasMessageStartingWith("This calendar has more than 5000 entries"));
    }

    @Test
    void aTimeZoneThatNobodyKnowsIsSaidInWords() {
        assertThatThrownBy(() -> times(event("SUMMARY:Call", "DTSTART;TZID=Mars/Olympus:20260602T090000", "DTEND;TZID=Mars/Olympus:20260602T100000"))).isInstanceOf(CalendarFile.Bad.class);
    }
}

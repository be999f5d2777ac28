package cahier.app.brief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasToString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.lesson.Lessons;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

class MoveLessonTest extends AppTest {

    private static final ZoneId ZONE = ZoneId.of("Europe/London");

    @Autowired
    private Households households;
    @Autowired
    private Lessons lessons;

    private Home home;
    private LocalDate day;
    private long lesson;

    @BeforeEach
    void aLessonOnADayOfItsOwn() {
        home = homes.make(edda(), TrackKind.SKILL, 1);
        day = LocalDate.of(2028, 3, 6).plusDays(home.id % 100 * 9);
        lesson = plan(home, 9);
    }

    private long plan(Home at, int hour) {
        asEdda(() -> {
            households.put(edda().practice(), new Lesson(0, at.id, day.atTime(hour, 0).atZone(ZONE).toInstant(), 60, "", 20, Lesson.State.PLANNED, 0));
            return at;
        });
        return at.facts().lessons().get(0).id();
    }

    private Lesson now(long id) {
        return asEdda(() -> lessons.get(edda().practice(), id));
    }

    private LocalDateTime starts() {
        return now(lesson).startsAt().atZone(ZONE).toLocalDateTime();
    }

    private ResultActions move(Object startsAt, int version, String... more) throws Exception {
        String[] fields = {"startsAt", startsAt.toString(), "version", Integer.toString(version), "from", day.toString()};
        return send("/lessons/" + lesson + "/move", Stream.concat(Stream.of(fields), Stream.of(more)).toArray(String[]::new));
    }

    @Test
    void aLessonIsTakenElsewhereAndBack() throws Exception {
        int version = now(lesson).version();
        move(day.plusDays(2).atTime(14, 30), version).andExpect(redirectedUrl("/lessons?from=" + day))
                .andExpect(flash().attribute("moved", new MoveController.Moved(lesson, version + 1, day + "T09:00", "Moved: " + home.facts().household().name() + ", " + day.plusDays(2).format(DateTimeFormatter.ofPattern("EEE d MMM yyyy", Locale.UK)) + ", 14:30.", "Undo")));
        assertThat(starts()).isEqualTo(day.plusDays(2).atTime(14, 30));
        assertThat(now(lesson)).satisfies(l -> assertThat(l.minutes()).isEqualTo(60)).satisfies(l -> assertThat(l.travelMinutes()).isEqualTo(20));
        move(day.atTime(9, 0), version + 1, "sure", day + "T09:00");
        assertThat(starts()).isEqualTo(day.atTime(9, 0));
        move(day.atTime(9, 0), version + 2).andExpect(flash().attributeCount(0));
    }

    @Test
    void whatItRunsIntoIsSaidFirst() throws Exception {
        Home other = homes.make(edda(), TrackKind.SKILL, 1);
        plan(other, 12);
        move(day.atTime(11, 15), now(lesson).version()).andExpect(flash().attribute("moved", hasToString(containsString("runs into lesson with " + other.facts().household().name() + ", 12:00 to 13:00. It was not moved."))));
        assertThat(starts()).isEqualTo(day.atTime(9, 0));
        move(day.atTime(11, 15), now(lesson).version(), "sure", day + "T11:15");
        assertThat(starts()).isEqualTo(day.atTime(11, 15));
        open("/lessons?from=" + day).andExpect(content().string(containsString("class=\"visit clashes\"")));
    }

    @Test
    void whatIsOverChangedOrNoTimeIsLeftAsItWas() throws Exception {
        move("soon", 0).andExpect(flash().attribute("refusal", containsString("not at “soon”")));
        move("+999999999-12-31T23:59", 0).andExpect(flash().attribute("refusal", containsString("such as 2026-06-18T09:15")));
        move(day.plusDays(1).atTime(9, 0), now(lesson).version() + 7).andExpect(status().isConflict());
        send("/lessons/" + lesson + "/state", "state", "MISSED");
        move(day.plusDays(1).atTime(9, 0), now(lesson).version()).andExpect(flash().attribute("refusal", "The lesson with " + home.facts().household().name() + " was missed: it stays where it was."));
        assertThat(starts()).isEqualTo(day.atTime(9, 0));
    }

    @Test
    void theWeekStandsAtAnAddressAndAnOddOneIsTheOneFromToday() throws Exception {
        open("/lessons?from=" + day.minusDays(6)).andExpect(content().string(containsString("data-lesson=\"" + lesson + "\"")));
        open("/lessons?from=" + day.plusDays(1)).andExpect(content().string(not(containsString("data-lesson=\"" + lesson + "\""))));
        open("/lessons?from=2028-12-29").andExpect(content().string(containsString("29 Dec to 4 Jan 2029")));
        for (String odd : new String[] {"soon", "9999-01-01", "+999999999-01-01", ""}) {
            open("/lessons?from=" + odd.replace("+", "%2B")).andExpect(status().isOk()).andExpect(content().string(containsString("The next seven days")));
        }
    }
}

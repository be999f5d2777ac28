package cahier.app.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.household.Person;
import cahier.app.judge.Decided;
import cahier.app.log.KeptRep;
import cahier.app.log.RepLog;
import cahier.app.sheet.Homeworks;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import cahier.core.rep.Role;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;

/** The brief of a lesson, its agenda, and how it is closed. */
class LessonPagesTest extends AppTest {

    @Autowired
    private Households households;
    @Autowired
    private Homeworks homeworks;
    @Autowired
    private RepLog log;
    private Home home;
    private long lesson;

    @BeforeEach
    void aLessonTomorrow() {
        home = homes.make(edda(), TrackKind.SKILL, 3);
        lesson = plan(now().plus(Duration.ofDays(1)), 60);
    }

    /** A day on which no other test plans anything. */
    private void onADayOfItsOwn(int days) {
        lesson = plan(now().plus(Duration.ofDays(days)), 60);
    }

    private Instant starts() {
        return home.facts().lessons().stream().filter(l -> l.id() == lesson).findFirst().orElseThrow().startsAt();
    }

    private long plan(Instant when, int minutes) {
        Instant at = when.truncatedTo(ChronoUnit.SECONDS);
        return asEdda(() -> {
            households.put(edda().practice(), new Lesson(0, home.id, at, minutes, "Look at the hall", 25, Lesson.State.PLANNED, 0));
            return home.facts().lessons().stream().filter(l -> l.startsAt().equals(at)).findFirst().orElseThrow().id();
        });
    }

    private ResultActions brief() throws Exception {
        return open("/lessons/" + lesson);
    }

    private Lesson.State state() {
        return home.facts().lessons().stream().filter(l -> l.id() == lesson).findFirst().orElseThrow().state();
    }

    @Test
    void theBriefSaysWhatWasPractisedSinceTheLessonBeforeAndByWhom() throws Exception {
        brief().andExpect(content().string(allOf(containsString("Lesson 1"), containsString("Look at the hall"), containsString("Not practised."), containsString("No decision waits."))));
        clock.pass(Duration.ofHours(2));
        home.practise("Dele", "cccm");
        home.practise("Marit", "ch");
        brief().andExpect(content().string(allOf(containsString("Dele 4, Marit 2"), containsString("step 1"), not(containsString("Not practised.")))));
        long earlier = plan(now().plus(Duration.ofHours(1)), 60);
        send("/lessons/" + earlier + "/state", "state", "GIVEN").andExpect(redirectedUrl("/lessons/" + earlier));
        brief().andExpect(content().string(allOf(containsString("Lesson 2"), containsString("Not practised."))));
        send("/lessons/" + earlier + "/state", "state", "MISSED");
        brief().andExpect(content().string(containsString("Dele 4, Marit 2")));
    }

    @Test
    void whoIsLessSureWithTheDogIsCoachedFirst() throws Exception {
        brief().andExpect(content().string(not(containsString("Coach first"))));
        asEdda(() -> {
            Person dele = home.facts().people().stream().filter(p -> p.name().equals("Dele")).findFirst().orElseThrow();
            households.put(edda().practice(), home.id, new Person(dele.id(), dele.name(), 40, true, true, null, "", "", "", null, false, dele.version()));
            return dele;
        });
        brief().andExpect(content().string(containsString("Coach first: Marit.")));
    }

    @Test
    void theAgendaAddsUpAndTheTrainersOwnSaysByHowMuchItDoesNot() throws Exception {
        clock.pass(Duration.ofHours(2));
        home.practise("ccccc");
        brief().andExpect(content().string(allOf(containsString("60 of 60\u00a0min"), containsString("Arrive, watch the greeting"), containsString("value=\"18\""), containsString("They practise, you watch"))));
        String agenda = "/lessons/" + lesson + "/agenda";
        mvcSend(agenda, "Greeting", "5", "Leave it", "70");
        brief().andExpect(content().string(allOf(containsString("75 of 60\u00a0min: 15 too many"), not(containsString("Arrive, watch the greeting")))));
        mvcSend(agenda, "Greeting", "5", "Leave it", "50");
        brief().andExpect(content().string(containsString("55 of 60\u00a0min: 5 to spare")));
        mvcSend(agenda, "Greeting", "five", "Leave it", "50").andExpect(flash().attribute("refusal", containsString("was “Greeting”, “five”. Nothing was changed.")));
        brief().andExpect(content().string(containsString("55 of 60")));
        send(agenda).andExpect(redirectedUrl("/lessons/" + lesson));
        brief().andExpect(content().string(containsString("60 of 60")));
    }

    private ResultActions mvcSend(String path, String... lines) throws Exception {
        var request = post(path)
                .with(user(edda()))
                .with(csrf());
        for (int i = 0; i < lines.length; i += 2) {
            request.param("title", lines[i]).param("minutes", lines[i + 1]);
        }
        return mvc.perform(request);
    }

    @Test
    void aColdCheckIsARepOfTheirsAndWhatTheTrainerShowsIsNot() throws Exception {
        clock.pass(Duration.ofHours(2));
        String person = Long.toString(home.facts().people().get(0).id());
        send("/lessons/" + lesson + "/reps", "track", Long.toString(home.track), "outcome", "CLEAN", "person", person).andExpect(redirectedUrl("/lessons/" + lesson + "#check-" + home.track));
        clock.pass(Duration.ofMinutes(1));
        send("/lessons/" + lesson + "/reps", "track", Long.toString(home.track), "outcome", "MISSED", "shown", "true");
        assertThat(asEdda(() -> log.latestOfTrack(edda().practice(), home.track, 9))).extracting(KeptRep::role).containsExactly(Role.SHOWN, Role.WORK);
        assertThat(home.suggestion().grounds().reps()).isEqualTo(1);
        Home other = homes.make(edda(), TrackKind.SKILL, 1);
        send("/lessons/" + lesson + "/reps", "track", Long.toString(other.track), "outcome", "CLEAN").andExpect(status().isNotFound());
    }

    @Test
    void closingAcceptsWhatIsTickedIssuesTheHomeworkAndMarksTheLesson() throws Exception {
        clock.pass(Duration.ofHours(2));
        home.practise("ccccc");
        Decided up = home.suggestion();
        open("/lessons/" + lesson + "/close").andExpect(content().string(allOf(containsString("Leave it: step up"), containsString("step 2, Step 2"), containsString("One decision waits."))));
        send("/lessons/" + lesson + "/close", "accept", up.id() + ":" + up.version()).andExpect(redirectedUrlPattern("/sheets/*"));
        assertThat(home.roadmap().number()).isEqualTo(2);
        assertThat(asEdda(() -> homeworks.latest(edda().practice(), home.id)).orElseThrow().items().get(0).number()).isEqualTo(2);
        assertThat(state()).isEqualTo(Lesson.State.GIVEN);
        long sheet = asEdda(() -> homeworks.latest(edda().practice(), home.id)).orElseThrow().id();
        send("/lessons/" + lesson + "/close").andExpect(redirectedUrl("/lessons/" + lesson)).andExpect(flash().attribute("refusal", "This lesson is over. Nothing was sent again."));
        assertThat(asEdda(() -> homeworks.latest(edda().practice(), home.id)).orElseThrow().id()).as("closed once").isEqualTo(sheet);
    }

    @Test
    void whatHasChangedSinceThePageWasOpenedClosesNothing() throws Exception {
        clock.pass(Duration.ofHours(2));
        home.practise("ccccc");
        Decided up = home.suggestion();
        long sheet = asEdda(() -> homeworks.latest(edda().practice(), home.id)).orElseThrow().id();
        send("/lessons/" + lesson + "/close", "accept", up.id() + ":" + (up.version() + 1)).andExpect(redirectedUrl("/lessons/" + lesson + "/close")).andExpect(flash().attribute("refusal", containsString("Nothing was closed or sent")));
        assertThat(state()).isEqualTo(Lesson.State.PLANNED);
        assertThat(home.roadmap().number()).isEqualTo(1);
        assertThat(asEdda(() -> homeworks.latest(edda().practice(), home.id)).orElseThrow().id()).isEqualTo(sheet);
    }

    @Test
    void aPackCountsDownWithTheLessonsGiven() throws Exception {
        String packs = "/households/" + home.id + "/packs";
        send(packs, "lessonsBought", "many", "lesson", Long.toString(lesson)).andExpect(flash().attribute("refusal", "A pack has 1 to 100 lessons, was “many”."));
        send(packs, "lessonsBought", "3", "lesson", Long.toString(lesson));
        brief().andExpect(content().string(containsString("3 of 3 lessons left.")));
        send("/lessons/" + lesson + "/state", "state", "GIVEN");
        brief().andExpect(content().string(containsString("2 of 3 lessons left.")));
    }

    /** All pages of what is to come: other tests plan lessons in this practice too. */
    private String coming() throws Exception {
        StringBuilder pages = new StringBuilder();
        String page = "";
        for (int number = 1; page.contains("coming=" + number) || number == 1; number++) {
            page = open("/lessons?coming=" + number).andExpect(status().isOk()).andReturn().getResponse().getContentAsString();
            pages.append(page);
        }
        return pages.toString();
    }

    @Test
    void theListShowsWhereTheWayTakesLongerThanThereIsTime() throws Exception {
        plan(now().plus(Duration.ofDays(1)).plus(Duration.ofMinutes(70)), 60);
        assertThat(coming()).contains("10 min before it, the way takes 25.", "Test home", "planned");
    }

    @Test
    void aLessonIsPlannedFromTheListAndWhatItRunsIntoIsSaidFirst() throws Exception {
        onADayOfItsOwn(40);
        Home other = homes.make(edda(), TrackKind.SKILL, 1);
        ZoneId zone = other.facts().household().zone();
        String at = starts().plus(Duration.ofMinutes(30)).atZone(zone).toLocalDateTime().toString();
        String[] form = {"household", Long.toString(other.id), "id", "0", "version", "0", "startsAt", at, "minutes", "60", "travel", "0", "plan", "The gate"};
        String clash = "runs into lesson with " + home.facts().household().name();
        send("/lessons", form).andExpect(status().isOk()).andExpect(content().string(allOf(containsString(clash), containsString("The gate"), containsString("name=\"sure\""))));
        assertThat(other.facts().lessons()).isEmpty();
        send("/lessons", Stream.concat(Stream.of(form), Stream.of("sure", at)).toArray(String[]::new)).andExpect(redirectedUrl("/lessons"));
        assertThat(other.facts().lessons()).singleElement().satisfies(l -> assertThat(l.plan()).isEqualTo("The gate"));
        assertThat(coming()).contains("lesson with " + other.facts().household().name());
        brief().andExpect(content().string(containsString("You are busy then")));
        send("/households/" + other.id + "/lessons", "id", "0", "version", "0", "startsAt", at, "minutes", "60").andExpect(content().string(containsString("runs into lesson with")));
        send("/lessons", "household", Long.toString(other.id), "id", "0", "version", "0", "startsAt", "soon", "minutes", "60").andExpect(content().string(containsString("must be a date and time such as 2026-06-18T09:15, was “soon”")));
        send("/lessons", "household", "0", "id", "0", "version", "0", "startsAt", at, "minutes", "60").andExpect(status().isNotFound());
        assertThat(other.facts().lessons()).hasSize(1);
    }

    // ---- shown back ----

    @Test
    void whatTheOwnerShowsBackIsKeptAndLookedAtAgainNextTime() throws Exception {
        send("/lessons/" + lesson + "/shown", "shown-MARKER", "not", "shown-ONE_CUE", "fine", "shown-SLACK_LEAD", "nonsense").andExpect(redirectedUrl("/lessons/" + lesson + "#shown"));
        brief().andExpect(content().string(not(containsString("Look again"))));
        long next = plan(now().plus(Duration.ofDays(8)), 60);
        open("/lessons/" + next).andExpect(content().string(allOf(containsString("Look again"), containsString("The marker comes too late."), not(containsString("The lead is tight.")))));
        send("/lessons/" + next + "/shown", "shown-MARKER", "fine");
        send("/lessons/" + next + "/close");
        open("/lessons/" + plan(now().plus(Duration.ofDays(15)), 60)).andExpect(content().string(not(containsString("Look again"))));
    }

    // ---- other times ----

    private ResultActions read(String ics) throws Exception {
        return mvc.perform(multipart("/lessons/busy").file(new MockMultipartFile("file", "mine.ics", "text/calendar", ics.getBytes(StandardCharsets.UTF_8))).with(user(edda())).with(csrf()));
    }

    private static String calendar(Instant from) {
        DateTimeFormatter utc = DateTimeFormatter.ofPattern("yyyyMMdd'T'HHmmss'Z'").withZone(ZoneOffset.UTC);
        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//EN\r\nBEGIN:VEVENT\r\nUID:1@x.example\r\nDTSTAMP:20260601T000000Z\r\nSUMMARY:Dentist\r\nDTSTART:" + utc.format(from)
                + "\r\nDTEND:" + utc.format(from.plus(Duration.ofMinutes(30))) + "\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
    }

    @Test
    void aLessonOrItsWayThatClashesWithAnotherTimeIsSaid() throws Exception {
        onADayOfItsOwn(33);
        Instant starts = starts();
        read(calendar(starts.minus(Duration.ofMinutes(60)))).andExpect(flash().attribute("said", "1 time read."));
        brief().andExpect(content().string(not(containsString("You are busy then"))));
        read(calendar(starts.minus(Duration.ofMinutes(50))));
        brief().andExpect(content().string(allOf(containsString("You are busy then"), containsString("Dentist"))));
        assertThat(coming()).contains(": Dentist, ", "1 time is known.");
        read("no calendar").andExpect(flash().attribute("refusal", containsString("What was read before stands.")));
        read("").andExpect(flash().attribute("refusal", containsString("Choose a calendar file")));
        brief().andExpect(content().string(containsString("Dentist")));
        mvc.perform(get("/lessons").with(user(practices.trainerOf("Fallow Field Dogs", "Ines Marchetti", "ines@fallowfield.example")))).andExpect(content().string(not(containsString("time is known"))));
        send("/lessons/busy/clear");
        brief().andExpect(content().string(not(containsString("Dentist"))));
    }

    @Test
    void whereNothingIsSentTheLessonIsOnlyClosed() throws Exception {
        for (int last = 2; last >= 0; last--) {
            send("/steps/" + home.roadmap().steps().get(last).id() + "/remove");
        }
        open("/lessons/" + lesson + "/close").andExpect(content().string(allOf(containsString(">Close lesson<"), containsString("No step to practise: no track is open."))));
    }
}

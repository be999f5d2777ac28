package cahier.app.week;

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
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.household.Person;
import cahier.app.household.Place;
import cahier.app.sheet.Homeworks;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.track.Helper;
import cahier.app.track.Step;
import cahier.app.track.StepPlan;
import cahier.app.track.Teaching;
import cahier.app.track.Tracks;
import cahier.core.decide.TrackKind;
import cahier.core.week.Heat;
import cahier.core.week.WeekPlan;
import cahier.core.week.WeekPlanner;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.ui.ExtendedModelMap;

/** A household's week: hours in, a plan out, pinned, moved, missed; on both pages. */
class WeekPagesTest extends AppTest {

    private static final ZoneId LONDON = ZoneId.of("Europe/London");

    @Autowired
    private Households households;
    @Autowired
    private Weeks weeks;
    @Autowired
    private WeekRound round;
    @Autowired
    private WeekForms forms;
    @Autowired
    private Homeworks homeworks;
    @Autowired
    private Tracks tracks;
    private Home home;
    private String page;
    private long person;

    @BeforeEach
    void makeHome() {
        home = homes.make(edda(), TrackKind.SKILL, 1);
        page = "/households/" + home.id + "/week";
        person = people().get(0).id();
    }

    /** Else every test that lets days pass would plan this week anew. */
    @AfterEach
    void forgetTheWeek() {
        asEdda(() -> {
            weeks.forget(edda().practice(), home.id);
            return null;
        });
    }

    private List<Person> people() {
        return asEdda(() -> households.facts(edda().practice(), home.id)).people();
    }

    private PlannedWeek week() {
        round.round(edda().practice(), now());
        return asEdda(() -> weeks.of(edda().practice(), home.id, now())).orElseThrow();
    }

    private void hours(String typed) throws Exception {
        send(page + "/hours", "p" + person, typed).andExpect(status().is3xxRedirection()).andExpect(flash().attribute("refusal", (Object) null));
    }

    private long sheet() {
        return asEdda(() -> homeworks.latest(edda().practice(), home.id)).orElseThrow().id();
    }

    private LocalDate today() {
        return now().atZone(LONDON).toLocalDate();
    }

    private StepPlan plan() {
        return asEdda(() -> tracks.get(edda().practice(), home.track)).current().orElseThrow().plan();
    }

    private void change(StepPlan to) {
        asEdda(() -> {
            Step step = tracks.get(edda().practice(), home.track).current().orElseThrow();
            tracks.saveStep(edda().practice(), step.id(), step.version(), to, now());
            return null;
        });
        home.issue();
    }

    @Test
    void hoursThatCannotBeReadAreNamedAndEverythingTypedStays() throws Exception {
        open(page).andExpect(content().string(allOf(containsString("No week yet"), not(containsString("Plan anew")))));
        send(page + "/plan").andExpect(flash().attribute("refusal", "Nobody has said when there is time. Type the free hours first."));
        send(page + "/hours", "p" + person, "Mon-Fri 18-20", "walk", "after tea")
                .andExpect(flash().attribute("refusal", "Walks: a day must be Mon, Tue, Wed, Thu, Fri, Sat, Sun, a row of them such as Mon-Fri, or daily, was “after” in “after tea”. Nothing was changed."));
        assertThat(asEdda(() -> weeks.of(edda().practice(), home.id, now()))).isEmpty();
    }

    @Test
    void aHouseholdOfNobodyHasAPageToo() throws Exception {
        long nobody = asEdda(() -> households.add(Household.fresh(edda().practice(), "Nobody yet", "", "Europe/London", "")));
        open("/households/" + nobody + "/week").andExpect(content().string(allOf(containsString("No week yet"), not(containsString("From a calendar")))));
        send("/households/" + nobody + "/week/hours", "walk", "daily 8-9").andExpect(flash().attribute("refusal", "Nobody has said when there is time. Type the free hours first."));
        open("/households/" + nobody + "/week").andExpect(content().string(containsString("daily 8:00-9:00")));
    }

    @Test
    void hoursThatAreTakenBackLeaveNothingPlanned() throws Exception {
        hours("daily 17:30-19:30");
        send(page + "/hours", "p" + person, "").andExpect(flash().attribute("refusal", containsString("Nobody has said when there is time.")));
        assertThat(week().sessions()).isEmpty();
        open(page).andExpect(content().string(allOf(containsString("Not everything fits"), containsString("Leave it, 12 of 12 left out: there is not enough free time."))));
    }

    @Test
    void aWeekIsPlannedDrawnAndGoesOut() throws Exception {
        hours("daily 17:30-19:30");
        PlannedWeek week = week();
        assertThat(week.sessions()).hasSize(7 * plan().sessions() - week.unmet().size() * 7);
        open(page).andExpect(content().string(allOf(containsString("class=\"drawing weeksheet\""), containsString("17:30"), containsString("Leave it"))));
        mvc.perform(get("/o/" + home.token)).andExpect(content().string(containsString("17:30")));
        mvc.perform(get("/o/" + home.token + "/week")).andExpect(content().string(allOf(containsString("Our week"), containsString("17:30"))));
        String sheet = open("/households/" + home.id + "/week/week.ics").andReturn().getResponse().getContentAsString();
        Calendar calendar = new CalendarBuilder().build(new StringReader(sheet));
        calendar.validate();
        List<VEvent> events = calendar.getComponents("VEVENT");
        assertThat(events).hasSize(week.sessions().size());
        assertThat(events.get(0).getSummary().getValue()).isEqualTo("Pim: Leave it, " + people().get(0).name());
        mvc.perform(get("/o/" + home.token + "/week/week.ics")).andExpect(status().isOk());
        send(page + "/forget");
        open("/households/" + home.id + "/week/week.ics").andExpect(status().isNotFound());
    }

    @Test
    void theNewestSheetCarriesItsWeek() throws Exception {
        hours("daily 17:30-19:30");
        long before = sheet();
        send("/households/" + home.id + "/homework");
        long sheet = sheet();
        open("/sheets/" + sheet).andExpect(content().string(containsString("<h2>The week</h2>")));
        open("/sheets/" + sheet + "/print").andExpect(content().string(containsString("<h2>The week</h2>")));
        open("/sheets/" + before).andExpect(content().string(not(containsString("<h2>The week</h2>"))));
    }

    @Test
    void aPinnedSessionStaysAndAMovedOneIsPinnedEvenWhereItDoesNotFit() throws Exception {
        hours("daily 17:30-19:30");
        PlannedWeek.Slot third = week().sessions().get(3);
        String dog = Long.toString(third.dog().id());
        send(page + "/move", "dog", dog, "at", third.at(), "day", third.day().toString(), "time", "18:45", "person", Long.toString(person)).andExpect(flash().attribute("refusal", (Object) null));
        assertThat(week().sessions()).filteredOn(PlannedWeek.Slot::pinned).singleElement().satisfies(s -> assertThat(s.at()).isEqualTo(third.day() + "T18:45")).satisfies(s -> assertThat(s.broken()).isEmpty());
        send(page + "/plan");
        assertThat(week().sessions()).filteredOn(PlannedWeek.Slot::pinned).singleElement().satisfies(s -> assertThat(s.time()).isEqualTo("18:45"));

        send(page + "/move", "dog", dog, "at", third.day() + "T18:45", "day", third.day().toString(), "time", "9:00", "person", Long.toString(person));
        assertThat(week().sessions()).filteredOn(PlannedWeek.Slot::pinned).singleElement().satisfies(s -> assertThat(s.broken()).containsExactly("who handles is not free for all of it"));
        open(page).andExpect(content().string(containsString("Who handles is not free for all of it.")));

        send(page + "/pin", "dog", dog, "at", third.day() + "T09:00", "pinned", "false");
        assertThat(week().sessions()).noneMatch(PlannedWeek.Slot::pinned).allSatisfy(s -> assertThat(s.broken()).isEmpty());
    }

    @Test
    void badMovesAreRefusedInWordsAndStrangersAreNotFound() throws Exception {
        hours("daily 17:30-19:30");
        PlannedWeek.Slot first = week().sessions().get(0);
        String dog = Long.toString(first.dog().id());
        send(page + "/move", "dog", dog, "at", first.at(), "day", first.day().toString(), "time", "tea", "person", Long.toString(person)).andExpect(flash().attribute("refusal", "A time must be such as 18:30, was “tea”. Nothing was moved."));
        send(page + "/move", "dog", dog, "at", first.at(), "day", "soon", "time", "9:00", "person", Long.toString(person)).andExpect(flash().attribute("refusal", "A day must be such as 2026-06-18, was “soon”. Nothing was moved."));
        String past = today().minusDays(1).toString();
        send(page + "/move", "dog", dog, "at", first.at(), "day", past, "time", "9:00", "person", Long.toString(person))
                .andExpect(flash().attribute("refusal", "A session must be moved to a time between now and in seven days, was " + past + ", 09:00. Nothing was moved."));
        send(page + "/move", "dog", dog, "at", first.at(), "day", first.day().toString(), "time", "9:00", "person", "0").andExpect(status().isNotFound());
        String gone = "This session was planned anew meanwhile. Nothing was changed: look where it is now.";
        send(page + "/pin", "dog", dog, "at", "2026-01-01T09:00", "pinned", "true").andExpect(flash().attribute("refusal", gone));
        send(page + "/move", "dog", dog, "at", "2026-01-01T09:00", "day", first.day().toString(), "time", "19:00", "person", Long.toString(person)).andExpect(flash().attribute("refusal", gone));
        send(page + "/pin", "dog", dog, "at", "x", "pinned", "true").andExpect(status().isNotFound());
        Home neighbour = homes.make(edda(), TrackKind.SKILL, 1);
        mvc.perform(post("/o/" + neighbour.token + "/week/pin").param("dog", dog).param("at", first.at()).param("pinned", "true")).andExpect(flash().attribute("refusal", gone));
        assertThat(week().sessions()).noneMatch(PlannedWeek.Slot::pinned);
    }

    @Test
    void aMissedSessionIsPlannedAnewAndADoneOneIsShownAsDone() throws Exception {
        hours("daily 13:00-23:00");
        PlannedWeek before = week();
        long ofToday = before.today().size();
        assertThat(ofToday).isEqualTo(plan().sessions());
        clock.pass(Duration.between(now(), before.today().get(0).endsAt()).plusMinutes(150));
        PlannedWeek after = week();
        assertThat(after.plannedAt()).isAfter(before.plannedAt());
        assertThat(after.today()).isNotEmpty().allSatisfy(s -> assertThat(s.startsAt()).isAfter(now()));
        home.practise("cccc");
        assertThat(week().today()).filteredOn(PlannedWeek.Slot::isDone).hasSize(1);
        mvc.perform(get("/o/" + home.token)).andExpect(content().string(containsString(", done")));
        assertThat(week().plannedAt()).as("what is done is not missed").isEqualTo(after.plannedAt());
    }

    @Test
    void twoRoundsAtOnceMakeOneWeek() throws Exception {
        hours("daily 13:00-23:00");
        int sessions = week().sessions().size();
        send(page + "/plan");
        List<CompletableFuture<Void>> both = IntStream.range(0, 2).mapToObj(i -> CompletableFuture.runAsync(() -> round.round(edda().practice(), now()))).toList();
        both.forEach(CompletableFuture::join);
        assertThat(week().sessions()).hasSize(sessions).allSatisfy(s -> assertThat(s.parts()).hasSize(1));
    }

    @Test
    void whatIsPinnedWhileAPlanIsMadeIsNotLost() throws Exception {
        hours("daily 17:30-19:30");
        PlannedWeek.Slot third = week().sessions().get(3);
        send(page + "/plan");
        WeekDraft draft = asEdda(() -> weeks.draft(edda().practice(), home.id, now())).orElseThrow();
        asEdda(() -> {
            weeks.pin(edda().practice(), home.id, third.dog().id(), third.startsAt(), true, now());
            return null;
        });
        WeekPlan old = new WeekPlanner(1, WeekPlanner.LONGEST).plan(draft.week(List.of()));
        assertThat(asEdda(() -> weeks.keep(draft, old, Optional.empty()))).isFalse();
        assertThat(week().sessions()).filteredOn(PlannedWeek.Slot::pinned).singleElement().satisfies(s -> assertThat(s.at()).isEqualTo(third.at()));
    }

    @Test
    void aPlanThatIsAskedForSaysSoAndThePageLooksAgain() throws Exception {
        hours("daily 17:30-19:30");
        open(page).andExpect(content().string(allOf(not(containsString("Being planned")), not(containsString("This takes a few seconds")))));
        mvc.perform(get("/o/" + home.token + "/week")).andExpect(content().string(not(containsString("This takes a few seconds"))));
        asEdda(() -> {
            weeks.plan(edda().practice(), home.id, now());
            return null;
        });
        ExtendedModelMap model = new ExtendedModelMap();
        WeekForms.Shown shown = asEdda(() -> forms.show(edda().practice(), home.id, now(), model));
        assertThat(shown.week().orElseThrow().headline()).isEqualTo("Being planned");
        assertThat(shown.week().orElseThrow().sessions()).as("what stands until then").isNotEmpty();
    }

    @Test
    void aNewDayPlansSevenDaysAgain() throws Exception {
        hours("daily 13:00-23:00");
        clock.pass(Duration.ofDays(1));
        PlannedWeek week = week();
        assertThat(week.first()).isEqualTo(today());
        assertThat(week.days().get(6).sessions()).isNotEmpty();
    }

    @Test
    void aCalendarTakesTimeOrGivesIt() throws Exception {
        hours("daily 17:30-19:30");
        String busy = ics("DTSTART:" + at(1, "170000") + "\r\nDTEND:" + at(1, "200000"));
        upload("busy", busy).andExpect(flash().attribute("said", "1 time read."));
        assertThat(week().days().get(1).sessions()).isEmpty();
        upload("free", ics("DTSTART:" + at(1, "080000") + "\r\nDTEND:" + at(1, "100000") + "\r\nTRANSP:TRANSPARENT")).andExpect(flash().attribute("said", "1 time read."));
        assertThat(week().days().get(1).sessions()).isNotEmpty();
        upload("busy", "no calendar").andExpect(flash().attribute("refusal", containsString("This is not a calendar file (.ics)")));
        open(page).andExpect(content().string(containsString("1 time from a calendar.")));
        send(page + "/calendar/forget", "person", Long.toString(person));
        open(page).andExpect(content().string(not(containsString("from a calendar."))));
        send(page + "/calendar/forget", "person", "0").andExpect(status().isNotFound());
    }

    private String at(int day, String time) {
        return today().plusDays(day).toString().replace("-", "") + "T" + time;
    }

    private static String ics(String times) {
        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:test\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTAMP:20260101T000000Z\r\nSUMMARY:x\r\n" + times + "\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
    }

    private ResultActions upload(String says, String body) throws Exception {
        return mvc.perform(multipart(page + "/calendar").file(new MockMultipartFile("file", "mine.ics", "text/calendar", body.getBytes(StandardCharsets.UTF_8)))
                .param("person", Long.toString(person)).param("says", says).with(user(edda())).with(csrf()));
    }

    @Test
    void whatFindsNoTimeIsSaidWithTheLeastBadChoice() throws Exception {
        StepPlan plan = plan();
        Teaching t = plan.teaching();
        change(new StepPlan(plan.title(), plan.how(), plan.place(), plan.distanceM(), plan.durationS(), plan.distraction(), plan.who(), plan.aid(), plan.word(), plan.pass(), plan.run(), plan.reps(), 1, plan.minutes(),
                plan.onMiss(), plan.cautions(), new Teaching(t.pay(), t.equipment(), Helper.FRIEND, t.slips(), t.events(), t.payEveryS(), t.payoffs())));
        hours("daily 17:30-19:30");
        assertThat(week().sessions()).isEmpty();
        assertThat(week().unmet()).singleElement().asString().startsWith("Leave it, 7 of 7 left out: no friend is there while somebody is free. Least bad: find one for ").endsWith(", 17:30.");
    }

    @Test
    void outdoorsWaitsForCoolHours() throws Exception {
        LocalDate today = LocalDate.ofInstant(now(), home.facts().household().zone());
        clock.pass(Duration.ofDays(IntStream.rangeClosed(0, 365).filter(d -> Heat.isTooMuch(DemoSky.celsius(today.plusDays(d + 2), 14))).findFirst().orElseThrow()));
        asEdda(() -> {
            households.put(edda().practice(), home.id, Place.named("heath", 3));
            return null;
        });
        change(plan().withPlace("heath"));
        hours("daily 5:00-7:00, 14:00-15:30");
        assertThat(week().sessions().stream().filter(s -> s.minute() > 12 * 60)).as("the demo's weather is hot at 14:00 the day after tomorrow").hasSizeLessThan(7);
        open(page).andExpect(content().string(containsString("class=\"wk-hot\"")));
    }
}

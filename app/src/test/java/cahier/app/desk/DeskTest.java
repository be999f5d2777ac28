package cahier.app.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.account.Whose;
import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.lesson.Lessons;
import cahier.app.scope.PracticeScope;
import cahier.app.scope.TrainerUser;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.web.Dates;
import cahier.core.decide.TrackKind;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Who needs the trainer first, and what is on today. */
class DeskTest extends AppTest {

    @Autowired
    private DeskService desk;
    @Autowired
    private Households households;
    @Autowired
    private Lessons lessons;

    /** A practice of its own, so that the other tests' households do not stand on its desk. */
    private TrainerUser bruno() {
        return practices.trainerOf("Castle Lane Lessons", "Bruno Idris", "bruno@castlelane.example");
    }

    private Desk open() {
        return PracticeScope.within(bruno().practice(), () -> desk.desk(bruno().practice(), Whose.ALL, null, 1, now()));
    }

    /** Of all pages. */
    private List<DeskRow> rows() {
        return IntStream.rangeClosed(1, open().pages()).boxed().flatMap(page -> turned(null, page).rows().stream()).toList();
    }

    private Desk turned(DeskRow.@Nullable Kind only, int page) {
        return PracticeScope.within(bruno().practice(), () -> desk.desk(bruno().practice(), Whose.ALL, only, page, now()));
    }

    @Test
    void theMostUrgentStandsFirstWithItsReasonInWords() throws Exception {
        Home calm = homes.make(bruno(), TrackKind.SKILL, 3);
        Home up = homes.make(bruno(), TrackKind.SKILL, 3);
        Home call = homes.make(bruno(), TrackKind.SKILL, 3);
        calm.practise("cmcm");
        up.practise("ccccc");
        call.practise("ctctct");
        List<DeskRow> rows = rows().stream().filter(r -> List.of(calm.id, up.id, call.id).contains(r.household().id())).toList();
        assertThat(rows).extracting(r -> r.household().id()).containsExactly(call.id, up.id, calm.id);
        assertThat(rows).extracting(DeskRow::verdict).containsExactly("Stop and call.", "Step up.", "");
        assertThat(rows.get(0).why()).isEqualTo("It was too much 3 times in the last session.");
        assertThat(rows.get(2).why()).isEqualTo("Nothing is waiting.");
        assertThat(rows.get(0).points()).isGreaterThan(rows.get(1).points());

        clock.pass(Duration.ofDays(6));
        DeskRow silent = rows().stream().filter(r -> r.household().id() == calm.id).findFirst().orElseThrow();
        assertThat(silent.verdict()).isEqualTo("No reps");
        assertThat(silent.why()).isEqualTo("for 6 days");
    }

    @Test
    void whoPractisesBesideTheStepsIsNotSilentAndTheBookSaysWhen() throws Exception {
        Home home = homes.make(bruno(), TrackKind.SKILL, 3);
        home.practise("cmcm");
        clock.pass(Duration.ofDays(6));
        long dog = home.facts().dogs().get(0).id();
        String departure = UUID.randomUUID().toString();
        home.post("departures", "{\"id\":\"%s\",\"sitting\":\"%s\",\"dog\":\"%s\",\"left\":20,\"at\":\"%s\"}".formatted(departure, UUID.randomUUID(), dog, now())).andExpect(status().isOk());
        assertThat(row(home).verdict()).isEmpty();
        open(bruno(), "/households/" + home.id).andExpect(content().string(containsString("Practised beside the steps today")));
        homes.change(bruno(), "update departure set undone_at = now() where id = '" + departure + "'");
        assertThat(row(home).verdict()).isEqualTo("No reps");
        open(bruno(), "/households/" + home.id).andExpect(content().string(not(containsString("Practised beside the steps"))));
    }

    private DeskRow row(Home home) {
        return rows().stream().filter(r -> r.household().id() == home.id).findFirst().orElseThrow();
    }

    @Test
    void todaysLessonsStayInTheOrderOfTheDayAlsoWhenTheyAreOver() {
        Home home = homes.make(bruno(), TrackKind.SKILL, 1);
        PracticeScope.within(bruno().practice(), () -> {
            households.put(bruno().practice(), new Lesson(0, home.id, now().plus(Duration.ofHours(2)), 60, "Second", 0));
            households.put(bruno().practice(), new Lesson(0, home.id, now().minus(Duration.ofHours(3)), 60, "First", 0));
            households.put(bruno().practice(), new Lesson(0, home.id, now().plus(Duration.ofDays(2)), 60, "Not today", 0));
            return null;
        });
        assertThat(open().visits()).extracting(v -> v.lesson().plan()).containsExactly("First", "Second");
        assertThat(open().visits()).extracting(Desk.Appointment::past).containsExactly(true, false);
        assertThat(open().day()).isEqualTo("2 lessons today.");
        clock.pass(Duration.ofDays(1));
        assertThat(open().day()).isEqualTo("No lesson today.");
    }

    @Test
    void householdsAreFoundByTheirNameAndTheirDogs() throws Exception {
        Home home = homes.make(edda(), TrackKind.SKILL, 1);
        String name = home.facts().household().name();
        open("/households?find=" + name.toLowerCase()).andExpect(status().isOk()).andExpect(content().string(containsString(name)));
        homes.change(edda(), "update dog set name = 'Zibeline' where household_id = " + home.id); // all of these homes have a dog called Pim, and a list has pages
        open("/households?find=zibel").andExpect(content().string(containsString(name)));
        open("/households?find=" + UUID.randomUUID()).andExpect(content().string(not(containsString(name)))).andExpect(content().string(containsString("Nothing matches")));
    }

    @Test
    void theTwoStrongestReasonsAreSaidInWords() throws Exception {
        Home home = homes.make(bruno(), TrackKind.SKILL, 3);
        clock.pass(Duration.ofHours(2));
        home.practise("ccccc");
        home.post("questions", "{\"id\":\"" + UUID.randomUUID() + "\",\"words\":\"May I use cheese?\",\"at\":\"" + now() + "\"}");
        DeskRow row = rows().stream().filter(r -> r.household().id() == home.id).findFirst().orElseThrow();
        assertThat(row.verdict() + " " + row.why()).as("35 points against 30").isEqualTo("A question. “May I use cheese?”");
        assertThat(row.second()).startsWith("Step up. 5 of the last 5 reps were clean");
        assertThat(row.more()).isZero();
        assertThat(row.kinds()).containsExactlyInAnyOrder(DeskRow.Kind.QUESTION, DeskRow.Kind.DECISION);
        assertThat(turned(DeskRow.Kind.QUESTION, 1).rows()).extracting(r -> r.household().id()).contains(home.id);
        assertThat(turned(DeskRow.Kind.SILENT, 1).rows()).extracting(r -> r.household().id()).doesNotContain(home.id);
    }

    @Test
    void aLessonWithinADayThatIsNotPreparedAsksForIt() {
        Home home = homes.make(bruno(), TrackKind.SKILL, 1);
        PracticeScope.within(bruno().practice(), () -> {
            households.put(bruno().practice(), new Lesson(0, home.id, now().plus(Duration.ofHours(25)), 60, "", 0));
            return null;
        });
        assertThat(verdictOf(home)).isEmpty();
        clock.pass(Duration.ofHours(2));
        assertThat(verdictOf(home)).isEqualTo("Lesson soon.");
        PracticeScope.within(bruno().practice(), () -> {
            lessons.put(bruno(), home.facts().lessons().get(0), Lesson.State.PREPARED);
            return null;
        });
        assertThat(verdictOf(home)).isEmpty();
    }

    @Test
    void whatWasGivenEarlyIsNotTheNextAndADoubleBookingIsSaid() throws Exception {
        Home home = homes.make(bruno(), TrackKind.SKILL, 1);
        Home other = homes.make(bruno(), TrackKind.SKILL, 1);
        ZoneId zone = home.facts().household().zone();
        Instant nine = now().atZone(zone).toLocalDate().plusDays(1).atTime(9, 0).atZone(zone).toInstant();
        clock.pass(Duration.between(now(), nine.minus(Duration.ofHours(1))));
        PracticeScope.within(bruno().practice(), () -> {
            households.put(bruno().practice(), new Lesson(0, home.id, nine, 60, "", 0));
            households.put(bruno().practice(), new Lesson(0, home.id, nine.plus(Duration.ofDays(7)), 60, "", 0));
            households.put(bruno().practice(), new Lesson(0, other.id, nine.plus(Duration.ofMinutes(30)), 60, "", 0));
            return null;
        });
        assertThat(open().visits()).filteredOn(v -> v.row().household().id() == home.id).singleElement().satisfies(v -> {
            assertThat(v.clash()).isEqualTo("lesson with " + other.facts().household().name() + ", 9:30 to 10:30");
            assertThat(v.stands()).isEmpty();
        });
        PracticeScope.within(bruno().practice(), () -> {
            lessons.put(bruno(), home.facts().lessons().get(1), Lesson.State.GIVEN);
            return null;
        });
        assertThat(open().visits()).filteredOn(v -> v.row().household().id() == home.id).singleElement().satisfies(v -> {
            assertThat(v.stands()).isEqualTo("given");
            assertThat(v.clash()).as("nothing to keep free any more").isEmpty();
        });
        assertThat(row(home).lesson()).hasValueSatisfying(l -> assertThat(l.startsAt()).isEqualTo(nine.plus(Duration.ofDays(7))));
        open(bruno(), "/households/" + home.id).andExpect(content().string(containsString(Dates.moment(nine.plus(Duration.ofDays(7)), zone, now().atZone(zone).toLocalDate()))));
        clock.pass(Duration.ofHours(5));
        assertThat(open().visits()).filteredOn(v -> v.row().household().id() == other.id).singleElement().satisfies(v -> assertThat(v.stands()).isEqualTo("not closed"));
    }

    private String verdictOf(Home home) {
        return rows().stream().filter(r -> r.household().id() == home.id).findFirst().orElseThrow().verdict();
    }

    @Test
    void manyHouseholdsComePageByPageAndNoneIsLostOrTwice() {
        PracticeScope.within(bruno().practice(), () -> {
            for (int i = 0; i < 85; i++) {
                homes.bare(bruno());
            }
            return null;
        });
        Desk whole = open();
        List<Long> seen = new ArrayList<>();
        for (int page = 1; page <= whole.pages(); page++) {
            Desk part = turned(null, page);
            assertThat(part.rows()).hasSizeBetween(1, Page.ROWS);
            part.rows().forEach(r -> seen.add(r.household().id()));
        }
        assertThat(seen).doesNotHaveDuplicates().hasSize(whole.households());
        assertThat(turned(null, 99).page()).isEqualTo(whole.pages());
        assertThat(turned(null, 0).page()).isEqualTo(1);
    }
}

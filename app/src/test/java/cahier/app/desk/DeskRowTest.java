package cahier.app.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.account.Whose;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.scope.PracticeScope;
import cahier.app.scope.TrainerUser;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.Decision;
import cahier.core.decide.TrackKind;
import cahier.core.lesson.Triage;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** What stands in a row for each household is what it rests on, whatever happened, and the database sorts by it as the rule does. */
class DeskRowTest extends AppTest {

    private static final int ACTS = 60;

    @Autowired
    private DeskService desk;
    @Autowired
    private DeskRows rows;
    @Autowired
    private DeskMapper mapper;
    @Autowired
    private DeskRound round;
    @Autowired
    private Households households;
    @Autowired
    private PlatformTransactionManager transactions;

    private TrainerUser runa() {
        return practices.trainerOf("Mill Row Lessons", "Runa Okoro", "runa@millrow.example");
    }

    /** Something an owner, a trainer or a clock does. */
    @FunctionalInterface
    private interface Act {
        void on(Home home) throws Exception;
    }

    @Test
    void afterAnyHistoryTheRowIsWhatItRestsOnAndTheOrderIsTheRules() throws Exception {
        List<Home> all = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            all.add(homes.make(runa(), i % 2 == 0 ? TrackKind.SKILL : TrackKind.COMFORT, 3));
        }
        List<Act> acts = List.of(h -> h.practise("ccccc"), h -> h.practise("cmcm"), h -> h.practise("ctctct"), h -> h.practise("mmmmmm"), h -> clock.pass(Duration.ofDays(3)), h -> clock.pass(Duration.ofHours(5)),
                h -> h.post("questions", "{\"id\":\"" + UUID.randomUUID() + "\",\"words\":\"May I?\",\"at\":\"" + now() + "\"}"), this::answer, this::alarm, this::answerAlarms, this::departure, this::takeBack,
                this::accept, this::overrule, this::move, this::plan, this::undo, this::closeAndOpen);
        SplittableRandom random = new SplittableRandom(24);
        for (int i = 0; i < ACTS; i++) {
            Act act = acts.get(i < acts.size() ? i : random.nextInt(acts.size()));
            act.on(all.get(random.nextInt(all.size())));
            assertThat(within(() -> mapper.wrong(runa().practice()))).as("after act %d", i).isEmpty();
            inTheRulesOrder();
        }
    }

    private <T> T within(Supplier<T> work) {
        return PracticeScope.within(runa().practice(), () -> new TransactionTemplate(transactions).execute(t -> work.get()));
    }

    /** Each row is worked out from the log, the lessons and the suggestions themselves; the figures by which the database sorted are the same. */
    private void inTheRulesOrder() {
        List<DeskMapper.Placed> placed = within(() -> mapper.placed(runa().practice(), DeskMapper.When.at(now()),
                DeskWeights.USUAL, null, "", 100, 0));
        List<DeskRow> shown = List.copyOf(within(() -> rows.of(runa().practice(), placed.stream().map(DeskMapper.Placed::id).toList(), DeskMapper.When.at(now()))).values());
        assertThat(placed).extracting(p -> Math.round(100 * p.points())).isEqualTo(shown.stream().map(r -> Math.round(100 * r.points())).toList());
        assertThat(shown).extracting(DeskRow::points).isSortedAccordingTo(Comparator.reverseOrder());
        for (DeskRow.Kind kind : DeskRow.Kind.values()) {
            assertThat(within(() -> desk.desk(runa().practice(), Whose.ALL, kind, 1, now())).rows()).extracting(r -> r.household().id())
                    .containsExactlyElementsOf(shown.stream().filter(r -> r.kinds().contains(kind)).map(r -> r.household().id()).toList());
        }
    }

    private void answer(Home home) throws Exception {
        for (String id : homes.texts(runa(), "select id::text from question where answered_at is null and household_id = " + home.id)) {
            send(runa(), "/households/" + home.id + "/questions/" + id + "/answer", "answer", "Yes.");
        }
    }

    private void alarm(Home home) throws Exception {
        home.post("alarms", "{\"id\":\"%s\",\"dog\":\"%s\",\"kind\":\"BITE\",\"what\":\"\",\"at\":\"%s\"}".formatted(UUID.randomUUID(), home.facts().dogs().get(0).id(), now()));
    }

    private void answerAlarms(Home home) {
        homes.change(runa(), "update alarm set answered_at = now(), answered_by = 'Runa', spoken_with = 'Kit', answer = 'Rest.' where answered_at is null and household_id = " + home.id);
    }

    private void departure(Home home) throws Exception {
        home.post("departures", "{\"id\":\"%s\",\"sitting\":\"%s\",\"dog\":\"%s\",\"left\":20,\"at\":\"%s\"}".formatted(UUID.randomUUID(), UUID.randomUUID(), home.facts().dogs().get(0).id(), now())).andExpect(status().isOk());
    }

    private void takeBack(Home home) {
        homes.change(runa(), "update departure set undone_at = now() where undone_at is null and household_id = " + home.id);
    }

    private void accept(Home home) {
        if (homes.number(runa(), "select count(*) from decision where state = 'OPEN' and suggested <> 'CALL' and household_id = " + home.id) > 0) {
            home.accept();
        }
    }

    private void overrule(Home home) {
        if (homes.number(runa(), "select count(*) from decision where state = 'OPEN' and household_id = " + home.id) > 0) {
            home.overrule(Decision.STAY);
        }
    }

    private void move(Home home) {
        Household now = home.facts().household();
        within(() -> {
            households.save(new Household(now.id(), now.practiceId(), now.name(), now.home(), now.zoneId().equals("Pacific/Auckland") ? "Europe/London" : "Pacific/Auckland", now.cautions(), now.emergency(),
                    now.emergencyPhone(), null, now.trainerId(), now.ownLanguage(), now.language(), now.version()));
            return null;
        });
    }

    private void plan(Home home) {
        within(() -> {
            households.put(runa().practice(), new Lesson(0, home.id, now().plus(Duration.ofHours(20)), 60, "", 0));
            return null;
        });
    }

    private void undo(Home home) throws Exception {
        String rep = UUID.randomUUID().toString();
        home.sendReps("{\"reps\":[" + Home.rep(rep, UUID.randomUUID().toString(), home.stepNow(), "CLEAN", now(), home.facts().people().get(0).name()) + "]}");
        home.post("reps/" + rep + "/undo", "{\"at\":\"" + now() + "\"}");
    }

    private void closeAndOpen(Home home) {
        for (Instant at : new Instant[] {now(), null}) {
            within(() -> {
                households.close(runa().practice(), home.id, at);
                return null;
            });
        }
    }

    @Test
    void whatStandsWrongIsFoundAtNightAndPutRight() {
        Home home = homes.make(runa(), TrackKind.SKILL, 1);
        homes.change(runa(), "update desk_row set practised_on = '2020-01-01', asked = true where household_id = " + home.id);
        assertThat(within(() -> mapper.wrong(runa().practice()))).containsExactly(home.id);
        assertThat(round.round()).isEqualTo(1);
        assertThat(within(() -> mapper.wrong(runa().practice()))).isEmpty();
        assertThat(round.round()).isZero();
        homes.change(runa(), "delete from desk_row where household_id = " + home.id);
        assertThat(round.round()).as("also one that is missing").isEqualTo(1);
        assertThat(round.round()).isZero();
    }

    /** Somewhere it is tomorrow already: silence ends there by the day there, in the order and in the words alike. */
    @Test
    void silenceIsCountedWhereTheyLive() throws Exception {
        Home home = homes.make(runa(), TrackKind.SKILL, 1);
        move(home);
        home.practise("cc");
        homes.change(runa(), "update decision set state = 'REPLACED' where state = 'OPEN' and household_id = " + home.id);
        LocalDate there = now().atZone(home.facts().household().zone()).toLocalDate();
        for (int days : new int[] {4, 5, 59, 60, 61}) {
            homes.change(runa(), "update desk_row set practised_on = '" + there.minusDays(days) + "' where household_id = " + home.id);
            inTheRulesOrder();
            boolean silent = within(() -> desk.desk(runa().practice(), Whose.ALL, DeskRow.Kind.SILENT, 1, now())).rows().stream().anyMatch(r -> r.household().id() == home.id);
            assertThat(silent).as("%d days", days).isEqualTo(days >= 5 && days <= 60);
        }
    }

    @Test
    void theWeightsAreTheRules() {
        assertThat(DeskWeights.USUAL.reasons()).contains("\"BACK/TOO_MUCH\":80.0", "\"CALL/ALARM\":200.0", "\"STAY/PERSON_GAP\":15.0").doesNotContain("STAY/NOT_YET");
        assertThat(DeskWeights.USUAL.silent()).isEqualTo("[0.0, 0.0, 0.0, 0.0, 0.0, 50.0, 55.0, 60.0, 65.0, 70.0]");
        assertThat(DeskWeights.USUAL.days()).isEqualTo(9);
        assertThat(DeskWeights.USUAL.staying()).contains("UP/PASSED", "STAY/REOPENED").doesNotContain("REFRESH");
        assertThat(DeskWeights.USUAL.alarm()).isEqualTo(new Triage.Reason(Triage.Code.ALARM, 0, 0).points());
    }

    @Test
    void aLongDeskAndALongListAreTurnedAPageAtATime() throws Exception {
        TrainerUser many = practices.trainerOf("Long Lane Lessons", "Ines Varga", "ines@longlane.example");
        List<String> names = IntStream.range(0, Page.ROWS + 3).mapToObj(i -> "Longlane %02d".formatted(i)).toList();
        PracticeScope.within(many.practice(), () -> {
            assertThat(households.all(many.practice())).as("nobody else's tests").isEmpty();
            names.forEach(name -> households.add(Household.fresh(many.practice(), name, "", "Europe/London", "")));
            return null;
        });
        open(many, "/").andExpect(content().string(containsString("Page 1 of 2"))).andExpect(content().string(containsString(names.get(0)))).andExpect(content().string(not(containsString(names.get(Page.ROWS)))));
        open(many, "/?page=2").andExpect(content().string(containsString(names.get(Page.ROWS + 2)))).andExpect(content().string(not(containsString(names.get(0)))));
        open(many, "/?page=99").andExpect(content().string(containsString("Page 2 of 2"))).andExpect(content().string(containsString(names.get(Page.ROWS + 2))));
        open(many, "/?show=QUESTION&page=7").andExpect(content().string(containsString("None of them now.")));
        open(many, "/households").andExpect(content().string(containsString(Page.ROWS + 3 + " households."))).andExpect(content().string(not(containsString(names.get(Page.ROWS)))));
        open(many, "/households?page=2").andExpect(content().string(containsString(names.get(Page.ROWS))));
        open(many, "/households?find=lane 07").andExpect(content().string(containsString("One household."))).andExpect(content().string(containsString(names.get(7))));
        PracticeScope.within(many.practice(), () -> {
            long first = households.all(many.practice()).get(0).id();
            IntStream.range(0, 21).forEach(i -> households.put(many.practice(), new Lesson(0, first, now().plus(Duration.ofDays(1)).plus(Duration.ofMinutes(40L * i)), 30, "Lesson " + i, 15, Lesson.State.PLANNED, 0)));
            return null;
        });
        open(many, "/lessons").andExpect(content().string(containsString("Lesson 19"))).andExpect(content().string(not(containsString("Lesson 20"))));
        open(many, "/lessons?coming=2").andExpect(content().string(containsString("Lesson 20"))).andExpect(content().string(containsString("10 min before it, the way takes 15.")));
        open(many, "/households?find=%").andExpect(content().string(containsString("Nothing matches")));
    }
}

package cahier.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.household.Dog;
import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.scope.PracticeScope;
import cahier.app.scope.TrainerUser;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.support.Statements;
import cahier.app.track.KeyedPlan;
import cahier.app.track.Track;
import cahier.app.track.Tracks;
import cahier.core.decide.TrackKind;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What a page asks of the database: never more than its budget, and no more for a large household or practice than for a small one. */
class QueryBudgetTest extends AppTest {

    @Autowired
    private Households households;
    @Autowired
    private Tracks tracks;

    private TrainerUser trainer;
    private Home home;

    private Map<String, Integer> budgets(long lesson) {
        Map<String, Integer> budgets = new LinkedHashMap<>();
        budgets.put("/", 12);
        budgets.put("/households", 12);
        budgets.put("/lessons", 12);
        budgets.put("/sheets", 12);
        budgets.put("/outbox", 12);
        budgets.put("/households/" + home.id, 6);
        budgets.put("/tracks/" + home.track, 10);
        budgets.put("/lessons/" + lesson, 10);
        budgets.put("/households/" + home.id + "/roadmap", 8);
        budgets.put("/households/" + home.id + "/homework", 12);
        budgets.put("/households/" + home.id + "/week", 8);
        budgets.put("/o/" + home.token, 10);
        budgets.put("/o/" + home.token + "/week", 10);
        budgets.put("/o/" + home.token + "/progress", 12);
        return budgets;
    }

    private Map<String, Integer> asked(Map<String, Integer> pages) throws Exception {
        Map<String, Integer> asked = new LinkedHashMap<>();
        for (String page : pages.keySet()) {
            List<String> sent = Statements.of(() -> mvc.perform(get(page).with(user(trainer))).andExpect(status().isOk()));
            sent.removeIf(s -> s.contains("SPRING_SESSION"));
            asked.put(page, sent.size());
        }
        return asked;
    }

    private void grow() throws Exception {
        for (int i = 0; i < 6; i++) {
            String name = "Dog " + i;
            within(() -> households.put(trainer.practice(), home.id, new Dog(0, name, "", null, null, 0)));
            within(() -> households.put(trainer.practice(), new Lesson(0, home.id, now().plus(Duration.ofDays(2)), 60, "", 0)));
        }
        Track like = home.roadmap().track();
        List<KeyedPlan> plans = home.roadmap().steps().stream().map(s -> KeyedPlan.own(s.plan())).toList();
        List<Long> made = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            Track track = Track.fresh(trainer.practice(), home.id, like.dogId(), "Another " + i, "", "", TrackKind.SKILL, like.topic(), "", "");
            within(() -> made.add(tracks.add(trainer.practice(), track, plans, now())));
        }
        home.issue();
        home.practise("cchcm");
        for (int i = 0; i < 5; i++) {
            Home other = homes.make(trainer, TrackKind.COMFORT, 2);
            other.practise("ccm");
            within(() -> households.put(trainer.practice(), new Lesson(0, other.id, now().plus(Duration.ofDays(1)), 60, "", 0)));
        }
    }

    private void within(Runnable work) {
        PracticeScope.within(trainer.practice(), () -> {
            work.run();
            return null;
        });
    }

    @Test
    void pagesKeepTheirBudgetWhateverTheNumberOfTracksDogsLessonsAndHouseholds() throws Exception {
        trainer = practices.trainerOf("Counting House Dogs", "Lena Voss", "lena@countinghouse.example");
        home = homes.make(trainer, TrackKind.SKILL, 3);
        home.practise("ccc");
        within(() -> households.put(trainer.practice(), new Lesson(0, home.id, now().plus(Duration.ofDays(1)), 60, "", 0)));
        long lesson = home.facts().lessons().get(0).id();
        Map<String, Integer> budgets = budgets(lesson);
        Map<String, Integer> small = asked(budgets);
        grow();
        Map<String, Integer> large = asked(budgets);
        budgets.forEach((page, most) -> assertThat(large.get(page)).as(page).isLessThanOrEqualTo(most));
        assertThat(large).as("nothing grows with its data").isEqualTo(small);
    }

    @Test
    void aBatchOfRepsIsStoredInAFewStatements() throws Exception {
        trainer = edda();
        home = homes.make(trainer, TrackKind.SKILL, 3);
        home.practise("c"); // what a household may send is asked a hundred reps at a time
        String sitting = UUID.randomUUID().toString();
        List<String> reps = new ArrayList<>();
        for (int i = 0; i < 50; i++) {
            reps.add(Home.rep(UUID.randomUUID().toString(), sitting, home.stepNow(), "CLEAN", now().minusSeconds(600 - i * 10), "Dele"));
        }
        List<String> sent = Statements.of(() -> home.sendReps("{\"reps\":[" + String.join(",", reps) + "]}"));
        assertThat(sent).hasSizeLessThanOrEqualTo(12);
        assertThat(sent.stream().filter(s -> s.stripLeading().startsWith("insert"))).as("sitting, reps, sums, when to judge").hasSize(4);
        assertThat(homes.number(trainer, "select count(*) from rep where visit_id is not null and household_id = " + home.id)).isEqualTo(51);
        assertThat(homes.number(trainer, "select sum(clean)::int from practice_day where household_id = " + home.id)).isEqualTo(51);
    }
}

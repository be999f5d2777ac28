package cahier.app.roadmap;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.scope.PracticeId;
import cahier.app.shelf.Template;
import cahier.app.support.Home;
import cahier.app.track.KeyedPlan;
import cahier.app.track.Step;
import cahier.app.track.StepPlan;
import cahier.app.track.Track;
import cahier.core.decide.TrackKind;
import cahier.core.gate.Topic;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What another school makes of a track: only what the template wrote and nobody edited. */
class TrackChangeTest {

    private static final Track TRACK = Track.fresh(new PracticeId(1), 1, 1, "Down", "", "", TrackKind.SKILL, Topic.BODY, "down", "");

    private static KeyedPlan plan(String key, String place) {
        return new KeyedPlan(key, Home.step(key).withPlace(place));
    }

    private static Step step(long id, String key, StepPlan plan) {
        return new Step(id, 1, (int) id, 0, plan, key);
    }

    private static List<Step> written(List<KeyedPlan> plans) {
        List<Step> steps = new ArrayList<>();
        plans.forEach(p -> steps.add(step(steps.size() + 1, p.key(), p.plan())));
        return steps;
    }

    private static TrackChange change(List<Step> now, List<KeyedPlan> before, List<KeyedPlan> after) {
        return TrackChange.of(TRACK, now, new Template.InSchool("", "", before, List.of()), new Template.InSchool("", "", after, List.of()));
    }

    private static List<String> titles(TrackChange change) {
        return change.slots().stream().map(s -> s.plan().plan().title()).toList();
    }

    private static final List<KeyedPlan> BEFORE = List.of(plan("a", "kitchen"), plan("b", "kitchen"), plan("c", "kitchen"));

    @Test
    void theSameSchoolChangesNothing() {
        assertThat(change(written(BEFORE), BEFORE, BEFORE).isNothing()).isTrue();
    }

    @Test
    void theGoalGoesWithTheSchoolUnlessSomebodyWroteAnother() {
        Template.InSchool looks = new Template.InSchool("It looks", "", BEFORE, List.of());
        Template.InSchool backs = new Template.InSchool("It backs off", "", BEFORE, List.of());
        TrackChange change = TrackChange.of(TRACK.edited("Down", "It looks", "", TrackKind.SKILL, Topic.BODY, 0), written(BEFORE), looks, backs);
        assertThat(change.goal()).isEqualTo("It backs off");
        assertThat(change.isNothing()).isFalse();
        assertThat(TrackChange.of(TRACK.edited("Down", "Mine", "", TrackKind.SKILL, Topic.BODY, 0), written(BEFORE), looks, backs).isNothing()).isTrue();
    }

    @Test
    void aFieldThatTheTemplateWroteChangesAndOneThatWasEditedStays() {
        List<Step> now = new ArrayList<>(written(BEFORE));
        now.set(1, step(2, "b", BEFORE.get(1).plan().withPlace("garden").withTitle("Mine")));
        List<KeyedPlan> after = List.of(plan("a", "hall"), plan("b", "hall"), plan("c", "kitchen"));

        TrackChange change = change(now, BEFORE, after);

        assertThat(change.slots()).extracting(s -> s.plan().plan().place()).containsExactly("hall", "garden", "kitchen");
        assertThat(titles(change)).containsExactly("a", "Mine", "c");
        assertThat(change.count()).isEqualTo(1);
        assertThat(change.slots().get(0).differences()).singleElement().satisfies(d -> assertThat(List.of(d.field(), d.saved(), d.yours())).containsExactly("Place", "kitchen", "hall"));
    }

    @Test
    void aStepThatMovesTakesItsPlaceAndTheTrainersOwnStaysBehindItsNeighbour() {
        List<Step> now = new ArrayList<>(written(BEFORE));
        now.add(1, step(9, "", Home.step("own")));
        TrackChange change = change(now, BEFORE, List.of(BEFORE.get(0), BEFORE.get(2), BEFORE.get(1)));
        assertThat(titles(change)).containsExactly("a", "own", "c", "b");
        assertThat(change.moved()).isTrue();
    }

    @Test
    void whereTheTrainerChoseAnOrderItIsKept() {
        List<Step> now = List.of(step(3, "c", BEFORE.get(2).plan()), step(1, "a", BEFORE.get(0).plan()), step(2, "b", BEFORE.get(1).plan()));
        TrackChange change = change(now, BEFORE, List.of(BEFORE.get(0), BEFORE.get(2), BEFORE.get(1)));
        assertThat(titles(change)).containsExactly("c", "a", "b");
        assertThat(change.isNothing()).isTrue();
    }

    @Test
    void stepsComeAndGoButNotThoseThatWereEditedOrRemovedByHand() {
        List<Step> now = List.of(step(1, "a", BEFORE.get(0).plan()), step(2, "b", BEFORE.get(1).plan().withTitle("Edited")));
        TrackChange change = change(now, BEFORE, List.of(plan("x", "park"), plan("c", "kitchen"), plan("y", "park")));

        assertThat(change.gone()).extracting(Step::templateKey).containsExactly("a");
        assertThat(titles(change)).containsExactly("x", "y", "Edited");
        assertThat(change.slots().get(0).comes()).isTrue();
    }
}

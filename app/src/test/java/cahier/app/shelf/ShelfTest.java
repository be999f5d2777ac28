package cahier.app.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.track.PassChoice;
import cahier.app.track.StepPlan;
import cahier.core.decide.TrackKind;
import cahier.core.method.Harm;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** Every template that ships is one an owner can follow alone and a trainer would sign. */
class ShelfTest {

    private static final Set<String> OUTDOORS = Set.of("pavement", "park", "front door");
    private static final int LONGEST_SENTENCE = 13;

    private static Shelf shelf() {
        try {
            return new Shelf(new PathMatchingResourcePatternResolver());
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    static Stream<Template> templates() {
        return shelf().templates().stream();
    }

    @Test
    void everySkillTheTradeTeachesThisWayIsOnTheShelf() {
        assertThat(templates().map(Template::id)).containsExactlyInAnyOrder("attention", "leave-it", "settle-on-a-mat", "bed-while-someone-comes", "down", "wait", "stay",
                "doorway", "front", "heel-position", "recall", "loose-lead", "dogs-and-people", "long-watching", "noises", "handling", "muzzle", "being-alone", "fetch", "puppy");
        assertThat(templates().map(Template::title)).doesNotHaveDuplicates();
        assertThat(shelf().byTopic().values().stream().mapToInt(List::size).sum()).isEqualTo(20);
    }

    @ParameterizedTest
    @MethodSource("templates")
    void aTemplateHasItsWholeRunOfStepsEachUnlikeTheOneBefore(Template template) {
        assertThat(template.steps()).hasSizeGreaterThanOrEqualTo(6);
        assertThat(template.steps().stream().map(StepPlan::title)).doesNotHaveDuplicates();
        for (int i = 1; i < template.steps().size(); i++) {
            StepPlan before = template.steps().get(i - 1);
            StepPlan step = template.steps().get(i);
            assertThat(step.withTitle("")).as(step.title()).isNotEqualTo(before.withTitle(""));
        }
        assertThat(template.goal()).isNotBlank();
        assertThat(template.plan()).isNotBlank();
    }

    @ParameterizedTest
    @MethodSource("templates")
    void everyStepFitsTheFormATrainerWouldTypeItInto(Template template) {
        for (StepPlan step : template.steps()) {
            assertThat(step.title()).hasSizeBetween(2, 80);
            assertThat(step.how()).hasSizeBetween(10, 400);
            assertThat(step.reps()).as(step.title()).isBetween(1, 100);
            assertThat(step.sessions()).isBetween(1, 20);
            assertThat(step.minutes()).isBetween(1, 180);
            assertThat(step.onMiss()).as("what to do on a miss: " + step.title()).isNotBlank();
            assertThat(Harm.in(step.onMiss() + " " + step.how())).as(step.title()).isEmpty();
            assertThat(step.pass().rule(step.run(), template.kind()).least()).isGreaterThanOrEqualTo(1);
        }
    }

    @ParameterizedTest
    @MethodSource("templates")
    void anOwnerWithFoodInTheHandReadsShortSentences(Template template) {
        for (StepPlan step : template.steps()) {
            for (String sentence : step.how().split("(?<=[.:]) ")) {
                assertThat(sentence.split(" ").length).as(step.title() + ": " + sentence).isLessThanOrEqualTo(LONGEST_SENTENCE);
            }
            assertThat(step.how()).doesNotContain("!");
        }
    }

    @ParameterizedTest
    @MethodSource("templates")
    void theUsualCautionsStandWhereTheyMatter(Template template) {
        for (StepPlan step : template.steps()) {
            String all = (step.who() + " " + step.how() + " " + step.cautions()).toLowerCase(Locale.ROOT);
            if (OUTDOORS.contains(step.place())) {
                assertThat(step.cautions()).as(template.id() + ", " + step.title()).contains("24\u00a0°C");
            }
            if (all.contains("long line")) {
                assertThat(all).as(step.title()).contains("harness");
            }
            if (template.id().equals("muzzle")) {
                assertThat(step.cautions()).contains("Never alone in it");
            }
        }
    }

    @ParameterizedTest
    @MethodSource("templates")
    void aWordIsAddedLateAndANamingStepAsksForNineOfTen(Template template) {
        List<StepPlan> steps = template.steps();
        steps.stream().filter(StepPlan::lure).forEach(s -> assertThat(s.word()).as(s.title()).isEmpty());
        steps.stream().filter(s -> s.title().equals("On the word")).forEach(s -> assertThat(s.pass()).isEqualTo(PassChoice.RATE_90));
        if (template.kind() == TrackKind.COMFORT) {
            steps.stream().filter(s -> s.pass() == PassChoice.RUN).forEach(s -> assertThat(s.run()).isGreaterThanOrEqualTo(5));
        }
    }
}

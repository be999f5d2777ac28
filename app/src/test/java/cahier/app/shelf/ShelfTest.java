package cahier.app.shelf;

import static cahier.core.method.Choice.*;
import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.shelf.Template.Needed;
import cahier.app.step.StepAsks;
import cahier.app.track.KeyedPlan;
import cahier.app.track.PassChoice;
import cahier.app.track.StepPlan;
import cahier.core.climb.Between;
import cahier.core.climb.Rising;
import cahier.core.decide.TrackKind;
import cahier.core.method.Choice;
import cahier.core.method.Harm;
import cahier.core.method.Method;
import cahier.core.method.Question;
import cahier.core.pass.Run;
import cahier.core.rep.Aid;
import cahier.core.roadmap.Need;
import cahier.core.roadmap.Prerequisites;
import cahier.core.roadmap.Stop;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** Every template that ships is one an owner can follow alone and a trainer would sign, whatever the household's method. */
class ShelfTest {

    private static final Set<String> OUTDOORS = Set.of("pavement", "park", "front door", "garden", "enclosed field");
    private static final int LONGEST_SENTENCE = 13;
    private static final List<Method> SCHOOLS = Schools.all();
    private static final Shelf SHELF = shelf();
    private static final Map<String, List<List<KeyedPlan>>> RESULTS = new HashMap<>();

    private static Shelf shelf() {
        try {
            return new Shelf(new PathMatchingResourcePatternResolver());
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    static Stream<Template> templates() {
        return SHELF.templates().stream();
    }

    private static List<StepPlan> steps(String template, Choice... choices) {
        return SHELF.find(template).orElseThrow().in(Schools.with(choices), "Pim").steps().stream().map(KeyedPlan::plan).toList();
    }

    private static StepPlan step(List<StepPlan> steps, String title) {
        return steps.stream().filter(s -> s.title().equals(title)).findFirst().orElseThrow();
    }

    @Test
    void everySkillTheTradeTeachesThisWayIsOnTheShelf() {
        assertThat(templates().map(Template::id)).containsExactlyInAnyOrder("attention", "leave-it", "settle-on-a-mat", "bed-while-someone-comes", "down", "wait", "stay",
                "doorway", "front", "heel-position", "recall", "loose-lead", "dogs-and-people", "long-watching", "noises", "handling", "muzzle", "being-alone", "fetch", "puppy",
                "hand-target", "give", "crate", "greeting", "head-into-the-hand", "leaving-toy", "meeting-a-calm-dog");
        assertThat(templates().map(Template::title)).doesNotHaveDuplicates();
        assertThat(SCHOOLS).hasSize(5184);
    }

    /** What the 5184 methods make of a template, each result once. */
    private static List<List<KeyedPlan>> results(Template template) {
        return RESULTS.computeIfAbsent(template.id(), id -> SCHOOLS.stream().map(school -> template.in(school, "Pim").steps()).distinct().toList());
    }

    @ParameterizedTest
    @MethodSource("templates")
    void underEveryMethodEachStepRaisesOneThingAndNoneIsIdle(Template template) {
        for (List<KeyedPlan> steps : results(template)) {
            assertThat(crowdedOrIdle(steps.stream().map(KeyedPlan::plan).toList())).as(template.id()).isEmpty();
        }
    }

    /** What is wrong with a track; a step that measures adjusts itself and is compared with none. */
    private static List<String> crowdedOrIdle(List<StepPlan> steps) {
        Rising rising = new Rising(steps.stream().map(s -> StepAsks.of(s, List.of())).toList(), Between.Harder.UNKNOWN);
        List<String> faults = new ArrayList<>();
        for (int i = 1; i < steps.size(); i++) {
            for (int j = 0; j < i; j++) {
                boolean measured = steps.get(i).teaching().measure() != null || steps.get(j).teaching().measure() != null;
                if (!measured && j == i - 1 && rising.raised(j, i).size() >= Rising.TOO_MANY) {
                    faults.add("step " + (i + 1) + " raises " + rising.raised(j, i));
                }
                if (!measured && rising.raised(j, i).isEmpty()) {
                    faults.add("step " + (i + 1) + " asks for nothing more than step " + (j + 1));
                }
            }
        }
        return faults;
    }

    @ParameterizedTest
    @MethodSource("templates")
    void underEveryMethodEveryStepIsOneATrainerCouldHaveTyped(Template template) {
        for (List<KeyedPlan> steps : results(template)) {
            assertThat(steps.size() >= 6 || steps.stream().anyMatch(k -> k.plan().teaching().measure() != null)).as(template.id() + ": one step that measures stands for many").isTrue();
            assertThat(steps).extracting(KeyedPlan::key).doesNotHaveDuplicates();
            assertThat(steps).extracting(k -> k.plan().title()).doesNotHaveDuplicates();
            assertThat(steps.stream().flatMap(k -> faults(template.kind(), k.plan()).stream())).as(template.id()).isEmpty();
        }
    }

    private static List<String> faults(TrackKind kind, StepPlan step) {
        List<String> faults = new ArrayList<>();
        boolean complete = step.title().length() <= 80 && !step.how().isBlank() && step.how().length() <= 400 && !step.place().isBlank() && !step.onMiss().isBlank()
                && !step.teaching().pay().isBlank() && !step.teaching().slips().isEmpty() && step.teaching().slips().size() <= 4;
        boolean passable = step.pass().fits(step.reps()) && (kind == TrackKind.SKILL || step.run() >= Run.COMFORT_LEAST) && step.rule(kind).least() >= 1;
        boolean dosed = step.reps() <= 100 && step.sessions() <= 20 && step.minutes() <= 180;
        if (!complete || !passable || !dosed || step.toString().contains("{") || Harm.in(step.how() + " " + step.onMiss()).isPresent()) {
            faults.add(step.toString());
        }
        for (String sentence : step.how().split("(?<=[.:]) ")) {
            if (sentence.split(" ").length > LONGEST_SENTENCE || sentence.contains("!")) {
                faults.add("sentence: " + sentence);
            }
        }
        String all = (step.who() + " " + step.how() + " " + step.cautions()).toLowerCase(Locale.ROOT);
        if (OUTDOORS.contains(step.place()) && !step.cautions().contains("24\u00a0°C") || all.contains("long line") && !all.contains("harness")) {
            faults.add("cautions: " + step);
        }
        return faults;
    }

    /** The needs of all templates together can be met, whatever the method: no track waits for ever. */
    @Test
    void underEveryMethodTheTemplatesCanAllBeFinished() {
        List<Template> all = templates().toList();
        for (Method school : SCHOOLS) {
            List<Need> needs = new ArrayList<>();
            for (int i = 0; i < all.size(); i++) {
                for (Needed needed : all.get(i).needs()) {
                    List<String> mine = keys(all.get(i), school);
                    int other = all.stream().map(Template::id).toList().indexOf(needed.template());
                    int from = needed.from() == null ? 0 : mine.indexOf(needed.from());
                    int until = keys(all.get(other), school).indexOf(needed.step());
                    needs.add(new Need(new Stop(i, from), new Stop(other, until)));
                }
            }
            if (new Prerequisites(needs).cycle().isPresent()) {
                assertThat(new Prerequisites(needs).cycle()).as(school.toString()).isEmpty();
            }
        }
    }

    private static List<String> keys(Template template, Method school) {
        return template.in(school, "Pim").steps().stream().map(KeyedPlan::key).toList();
    }

    @Test
    void whatTheTradeKeepsInOrderAndApartIsKeptSo() {
        assertThat(SHELF.find("loose-lead").orElseThrow().needs()).extracting(Needed::template).containsExactly("attention");
        assertThat(SHELF.find("muzzle").orElseThrow().needs()).extracting(Needed::template).containsOnly("handling");
        assertThat(SHELF.find("being-alone").orElseThrow().needs()).extracting(Needed::template).contains("down", "settle-on-a-mat");
        assertThat(SHELF.find("front").orElseThrow().apart()).containsExactly("heel-position");
        assertThat(SHELF.find("stay").orElseThrow().apart()).contains("recall", "wait");
        for (String exposure : List.of("dogs-and-people", "long-watching", "noises")) {
            assertThat(steps(exposure).get(0).how()).as(exposure).contains("from your hand");
        }
        List<StepPlan> recall = steps("recall");
        assertThat(recall.indexOf(step(recall, "Company far off"))).isLessThan(recall.indexOf(step(recall, "Off the lead")));
    }

    @Test
    void theWordIsAddedLateUnlessTheSchoolIsEarly() {
        List<StepPlan> late = steps("down");
        assertThat(late.stream().map(s -> s.word().isEmpty())).containsExactly(true, true, true, true, false, false, false, false, false, false);
        assertThat(late.get(3).pass()).isEqualTo(PassChoice.RATE_80);
        assertThat(late.get(3).aid()).isEqualTo(Aid.NONE);
        assertThat(late.get(4).pass()).isEqualTo(PassChoice.RATE_90);
        assertThat(steps("down", NAMED_AT_90).get(3).pass()).isEqualTo(PassChoice.RATE_90);

        List<StepPlan> early = steps("down", NAMED_EARLY);
        assertThat(early).hasSameSizeAs(late);
        assertThat(early.get(1).title()).isEqualTo("On the word");
        assertThat(early.get(1).how()).startsWith("Say it once as it lies down");
        assertThat(early.subList(1, early.size())).allMatch(s -> s.word().equals("down"));
        assertThat(early).allMatch(s -> s.pass() == PassChoice.RUN);
    }

    @Test
    void leaveItMeansAndPaysWhatTheHouseholdAgreed() {
        assertThat(steps("leave-it").get(0).how()).isEqualTo("Hold food in a closed fist. Wait until it looks up at you. Pay from the other hand.");
        assertThat(steps("leave-it", LEAVE_IT_BACK_OFF, ITEM_WON_ON_RELEASE).get(0).how())
                .isEqualTo("Hold food in a closed fist. Wait until it backs away from it. Say your release word and let it take it.");
    }

    @Test
    void aMissGetsWhatTheHouseholdAgreedButFearOnlyTheQuietReset() {
        assertThat(steps("down").get(0).onMiss()).isEqualTo("Step back, begin again.");
        assertThat(steps("down", MISS_MARKER).get(0).onMiss()).isEqualTo("Say your try-again word once, softly. Step back, begin again.");
        assertThat(steps("down", MISS_GUIDED).get(0).onMiss()).isEqualTo("Draw it down once with an empty hand, softly.");
        templates().filter(t -> t.kind() == TrackKind.COMFORT).forEach(t -> assertThat(steps(t.id(), MISS_GUIDED)).as(t.id()).isEqualTo(steps(t.id(), MISS_QUIET)));
    }

    @Test
    void theRecallWordTheReturnAndTheExposureFollowTheMethod() {
        assertThat(steps("recall", RECALL_NAME)).filteredOn(s -> !s.word().isEmpty()).extracting(StepPlan::word).containsOnly("Pim");
        assertThat(steps("recall", RECALL_WHISTLE).get(3).how()).startsWith("Blow once");
        assertThat(steps("recall", RECALL_WHISTLE).get(3).teaching().equipment()).contains("whistle");
        assertThat(steps("being-alone", RETURN_AT_QUIET).get(0).onMiss()).startsWith("Wait for a second of quiet");
        assertThat(steps("dogs-and-people")).extracting(StepPlan::pass).containsOnly(PassChoice.RUN);
        assertThat(steps("dogs-and-people", EXPOSE_LONG_WATCHING)).extracting(StepPlan::pass).containsOnly(PassChoice.CALM);
        assertThat(steps("dogs-and-people", EXPOSE_LONG_WATCHING).get(0).how()).contains("comfort");
    }

    @Test
    void aStepPassesByTheHouseholdsRuleWhereItsDoseCanHoldIt() {
        assertThat(steps("stay", PASS_ODDS).get(0).pass()).isEqualTo(PassChoice.ODDS);
        assertThat(steps("stay", PASS_CALM).get(0).pass()).isEqualTo(PassChoice.CALM);
        assertThat(step(steps("stay", PASS_CALM), "Three minutes").pass()).isEqualTo(PassChoice.RUN);
        assertThat(steps("handling", PASS_BLOCKS)).extracting(StepPlan::pass).containsOnly(PassChoice.CALM);
    }

    /** No answer of the method leaves the shelf as it was, but for who may move a step on. */
    @Test
    void everyChoiceChangesSomeTemplate() {
        for (Question question : Question.values()) {
            for (Choice choice : question.choices().subList(1, question.choices().size())) {
                boolean changes = templates().anyMatch(t -> !t.in(Schools.with(choice), "Pim").equals(t.in(Schools.with(), "Pim")));
                assertThat(changes).as(choice.name()).isEqualTo(question != Question.WHO_MOVES_ON);
            }
        }
    }
}

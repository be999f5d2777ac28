package cahier.app.shelf;

import static cahier.core.method.Choice.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import cahier.app.shelf.Template.Needed;
import cahier.app.step.StepAsks;
import cahier.app.track.KeyedPlan;
import cahier.app.track.PassChoice;
import cahier.app.track.SlipWords;
import cahier.app.track.StepPlan;
import cahier.app.track.Trait;
import cahier.core.climb.Between;
import cahier.core.climb.Rising;
import cahier.core.decide.TrackKind;
import cahier.core.measure.Measure;
import cahier.core.method.Choice;
import cahier.core.method.Harm;
import cahier.core.method.Method;
import cahier.core.method.Question;
import cahier.core.pass.Run;
import cahier.core.pay.Feeding;
import cahier.core.rep.Aid;
import cahier.core.roadmap.Need;
import cahier.core.roadmap.Prerequisites;
import cahier.core.roadmap.Stop;
import cahier.core.slip.Slip;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every template that ships is one an owner can follow alone and a trainer would sign, whatever the household's method. */
class ShelfTest {

    private static final Set<String> OUTDOORS = Set.of("pavement", "park", "front door", "garden", "enclosed field");
    private static final int LONGEST_SENTENCE = 12;
    private static final Shelf SHELF = Shelves.shelf();
    private static final Map<String, List<Template.InSchool>> RESULTS = new HashMap<>();

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
    }

    /** What every method makes of a template, each result once: all combinations of what it asks, and nothing else makes a difference to it. */
    private static List<Template.InSchool> inEverySchool(Template template) {
        return RESULTS.computeIfAbsent(template.id(), id -> Schools.all(template.asks()).stream().map(school -> template.in(school, "Pim")).distinct().toList());
    }

    private static List<List<KeyedPlan>> results(Template template) {
        return inEverySchool(template).stream().map(Template.InSchool::steps).toList();
    }

    @ParameterizedTest
    @MethodSource("templates")
    void aTemplateSaysWhichQuestionsChangeItAndNoOtherDoes(Template template) {
        for (Question question : Question.values()) {
            for (Choice choice : question.choices()) {
                boolean changes = !template.in(Schools.with(choice), "Pim").equals(template.in(Schools.with(), "Pim"));
                assertThat(!changes || template.asks().contains(question)).as(template.id() + " under " + choice).isTrue();
            }
        }
    }

    @ParameterizedTest
    @MethodSource("templates")
    void underEveryMethodEachStepRaisesOneThingAndNoneIsIdle(Template template) {
        for (List<Asked> steps : results(template).stream().map(steps -> steps.stream().map(k -> Asked.of(k.plan())).toList()).distinct().toList()) {
            assertThat(crowdedOrIdle(steps)).as(template.id()).isEmpty();
        }
    }

    /** What one step asks; methods that differ in what a miss gets, or by what a step passes, ask the same. */
    private record Asked(Between.Asks asks, boolean measured) {

        static Asked of(StepPlan plan) {
            return new Asked(StepAsks.of(plan, List.of()), plan.teaching().measure() != null);
        }
    }

    /** What is wrong with a track; a step that measures adjusts itself and is compared with none. */
    private static List<String> crowdedOrIdle(List<Asked> steps) {
        Rising rising = new Rising(steps.stream().map(Asked::asks).toList(), Between.Harder.UNKNOWN);
        List<String> faults = new ArrayList<>();
        for (int i = 1; i < steps.size(); i++) {
            for (int j = 0; j < i; j++) {
                boolean measured = steps.get(i).measured() || steps.get(j).measured();
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
        }
        assertThat(results(template).stream().flatMap(List::stream).map(KeyedPlan::plan).distinct().flatMap(p -> faults(template.kind(), p).stream())).as(template.id()).isEmpty();
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
        Set<Question> orders = EnumSet.of(Question.NAMING);
        all.forEach(t -> t.steps().forEach(s -> s.choices().forEach(c -> orders.add(Question.of(c)))));
        for (Method school : Schools.all(orders)) {
            List<Need> needs = new ArrayList<>();
            for (int i = 0; i < all.size(); i++) {
                for (Needed needed : all.get(i).in(school, "Pim").needs()) {
                    List<String> mine = keys(all.get(i), school);
                    int other = all.stream().map(Template::id).toList().indexOf(needed.template());
                    int from = needed.from() == null ? 0 : mine.indexOf(needed.from());
                    int until = keys(all.get(other), school).indexOf(needed.step());
                    assertThat(until).as(needed + " under " + school).isNotNegative();
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
        assertThat(late.subList(0, 4)).allMatch(s -> s.word().isEmpty());
        assertThat(late.subList(4, late.size())).allMatch(s -> s.word().equals("down"));
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
        assertThat(steps("recall", RECALL_NAME_AND_WORD)).filteredOn(s -> !s.word().isEmpty()).extracting(StepPlan::word).containsOnly("Pim, here");
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

    private static final Pattern FIGURE = Pattern.compile("(\\d+|half a|an|one|two|three|ten) ?(s|seconds?|min|minutes?|hours?|m|paces)\\b".replace(" ?", "[ \u00a0]?"));
    private static final Map<String, Double> NUMBERS = Map.of("half a", 0.5, "an", 1.0, "one", 1.0, "two", 2.0, "three", 3.0, "ten", 10.0);
    private static final double PACE_M = 0.7;

    /** What the goal promises in figures is what the last step asks before its food fades. */
    @ParameterizedTest
    @MethodSource("templates")
    void theLastStepMeetsTheGoal(Template template) {
        for (Template.InSchool ready : inEverySchool(template)) {
            StepPlan last = ready.steps().stream().map(KeyedPlan::plan).filter(p -> p.teaching().fed() == Feeding.EVERY_TIME).reduce((a, b) -> b).orElseThrow();
            FIGURE.matcher(ready.goal()).results().forEach(r -> {
                double number = NUMBERS.containsKey(r.group(1)) ? NUMBERS.get(r.group(1)) : Double.parseDouble(r.group(1));
                assertThat(asked(last, r.group(2).charAt(0) == 'm' && r.group(2).length() > 1 ? "min" : r.group(2))).as(template.id() + ": " + r.group() + " of “" + ready.goal() + "”")
                        .anySatisfy(v -> assertThat(v).isCloseTo(number, within(0.01)));
            });
        }
    }

    private static List<Double> asked(StepPlan step, String unit) {
        double seconds = step.durationS() == null ? -1 : step.durationS();
        double metres = step.distanceM() == null ? -1 : step.distanceM();
        Measure measure = step.teaching().measure();
        double goal = measure == null ? -1 : measure.goal();
        return switch (unit.charAt(0)) {
            case 's' -> List.of(seconds);
            case 'h' -> List.of(seconds / 3600, measure != null && measure.kind() == Measure.Kind.SITTING ? goal / 60 : goal / 3600);
            case 'p' -> List.of(metres / PACE_M);
            default -> unit.equals("m") ? List.of(metres, goal) : List.of(seconds / 60, goal, (double) step.minutes());
        };
    }

    /** No fixed step of a comfort track asks more than its measure aims at: what is nearer or longer is found, never set. */
    @ParameterizedTest
    @MethodSource("templates")
    void noStepOfAComfortTrackGoesBeyondWhatIsMeasured(Template template) {
        for (List<KeyedPlan> steps : template.kind() == TrackKind.COMFORT ? results(template) : List.<List<KeyedPlan>>of()) {
            for (KeyedPlan measured : steps) {
                Measure measure = measured.plan().teaching().measure();
                if (measure != null && measure.kind().isNearer()) {
                    assertThat(steps).allSatisfy(k -> assertThat(k.plan().distanceM() == null || k.plan().distanceM() >= measure.goal()).as(k.key()).isTrue());
                }
                if (measure != null && measure.kind() == Measure.Kind.ALONE) {
                    assertThat(steps).filteredOn(k -> !k.plan().distraction().isEmpty()).allSatisfy(k -> assertThat(k.plan().durationS()).as(k.key()).isLessThanOrEqualTo(measure.goal()));
                }
            }
        }
    }

    private static final Set<String> THINGS = Set.of("treats", "food", "treat", "lead", "harness", "line", "muzzle", "crate", "mat", "bed", "chew", "toy", "toys", "recorder", "recording", "kibble",
            "better", "dish", "towel", "water", "whistle", "alone", "floor", "alley", "makes", "door", "collar", "out", "leaving", "pant", "doubt", "chewer", "one");

    /** What has to be at hand is a thing that is known, and every slip has a remedy. */
    @ParameterizedTest
    @MethodSource("templates")
    void whatAStepNeedsIsKnown(Template template) {
        for (KeyedPlan step : results(template).stream().flatMap(List::stream).distinct().toList()) {
            assertThat(step.plan().teaching().equipment()).as(template.id() + " " + step.key()).isNotBlank();
            for (String thing : step.plan().teaching().equipment().toLowerCase(Locale.ROOT).split(",")) {
                assertThat(Arrays.stream(thing.strip().split(" ")).anyMatch(THINGS::contains)).as(template.id() + ": " + thing).isTrue();
            }
            assertThat(step.plan().teaching().slips()).allSatisfy(slip -> assertThat(SlipWords.remedy(slip)).isNotBlank());
        }
    }

    /** A word is first said where it is taught, or it was taught in what must come first. */
    @ParameterizedTest
    @MethodSource("templates")
    void aWordIsTaughtBeforeItIsSaid(Template template) {
        for (List<KeyedPlan> steps : results(template)) {
            List<KeyedPlan> spoken = steps.stream().filter(k -> !k.plan().word().isEmpty()).toList();
            boolean here = spoken.isEmpty() || template.steps().stream().anyMatch(t -> t.naming() && t.key().equals(spoken.get(0).key()));
            boolean before = template.needs().stream().anyMatch(n -> SHELF.find(n.template()).orElseThrow().word().equals(template.word()));
            assertThat(here || before).as(template.id()).isTrue();
        }
    }

    /** Food fades at the end of every skill that food is paid for, and on no comfort track; who pays to the end has no such step. */
    @ParameterizedTest
    @MethodSource("templates")
    void foodFadesAtTheEndOfASkill(Template template) {
        List<Feeding> faded = template.in(Schools.with(), "Pim").steps().stream().map(k -> k.plan().teaching().fed()).filter(f -> f != Feeding.EVERY_TIME).toList();
        boolean fades = template.kind() == TrackKind.SKILL && !PAID_WITHOUT_FOOD.contains(template.id());
        assertThat(faded).as(template.id()).isEqualTo(!fades ? List.of() : FED_FOR_GOOD.contains(template.id()) ? List.of(Feeding.EVERY_OTHER, Feeding.NOW_AND_THEN)
                : List.of(Feeding.EVERY_OTHER, Feeding.NOW_AND_THEN, Feeding.NONE));
        assertThat(template.in(Schools.with(), "Pim").steps()).filteredOn(k -> k.plan().teaching().fed() != Feeding.EVERY_TIME).allMatch(k -> k.plan().teaching().payEveryS() == null);
        assertThat(template.in(Schools.with(FOOD_TO_THE_END), "Pim").steps()).allMatch(k -> k.plan().teaching().fed() == Feeding.EVERY_TIME);
    }

    private static final Set<String> PAID_WITHOUT_FOOD = Set.of("fetch", "leaving-toy", "puppy");
    private static final Set<String> FED_FOR_GOOD = Set.of("recall", "leave-it");

    @Test
    void aDogThatKnowsItIsToldNoOnlyWhereTheHouseholdChoseItAndNeverOnAComfortTrack() {
        assertThat(steps("down", CORRECT_ONCE_KNOWN).get(4).onMiss()).isEqualTo("Step back, begin again.");
        assertThat(steps("down", CORRECT_ONCE_KNOWN).get(5).onMiss()).isEqualTo("Say no once, calmly. Step back, begin again.");
        templates().filter(t -> t.kind() == TrackKind.COMFORT).forEach(t -> assertThat(steps(t.id(), CORRECT_ONCE_KNOWN)).as(t.id()).isEqualTo(steps(t.id())));
    }

    @Test
    void whereTwoWaysExistTheHouseholdsIsFollowed() {
        assertThat(steps("down", SHAPED)).extracting(StepPlan::aid).containsOnly(Aid.NONE);
        assertThat(steps("settle-on-a-mat", SHAPED).get(0).title()).isEqualTo("Finds the mat");
        assertThat(steps("leave-it", FIST_OPEN).get(0).title()).isEqualTo("Open hand");
        assertThat(steps("doorway", CUE_MOVEMENT)).allMatch(s -> s.word().isEmpty());
        assertThat(step(steps("fetch", JUMP_IN_PLAY), "Takes it").teaching().slips()).doesNotContain(Slip.JUMPED_ON);
        assertThat(step(steps("fetch"), "Takes it").teaching().slips()).contains(Slip.JUMPED_ON);
        assertThat(step(steps("dogs-and-people"), "At the edge of the path").teaching().has(Trait.UNTIL_CLEAN)).isTrue();
        assertThat(step(steps("dogs-and-people", END_BY_CLOCK), "At the edge of the path").teaching().has(Trait.UNTIL_CLEAN)).isFalse();
        assertThat(steps("noises", PAIR_MARKER).get(3).how()).contains("then your marker and a treat");
        assertThat(steps("front", FINISH_STAND).get(0).teaching().slips()).doesNotContain(Slip.HOVERED);
        assertThat(steps("being-alone", ALONE_CRATED)).extracting(StepPlan::title).contains("Crate half shut");
        assertThat(steps("being-alone", HOME_LIE_AND_PAY)).filteredOn(s -> s.title().equals("Departures")).singleElement().extracting(StepPlan::how).asString().contains("lies down");
        assertThat(steps("bed-while-someone-comes", BED_FIRST)).flatExtracting(s -> s.teaching().events()).doesNotContain("lies down");
        assertThat(SHELF.find("bed-while-someone-comes").orElseThrow().in(Schools.with(BED_FIRST), "Pim").needs()).isEmpty();
        assertThat(SHELF.find("bed-while-someone-comes").orElseThrow().in(Schools.with(DOWN_FIRST), "Pim").needs()).hasSize(1);
        assertThat(step(steps("recall", ITEM_WON_ON_RELEASE), "A dish to the side").how()).endsWith("Then send it to the dish.");
        assertThat(steps("handling", HAND_STILL).get(2).how()).startsWith("Hold a hand still");
        assertThat(steps("long-watching", STRANGERS_THROW).get(0).cautions()).startsWith("Passers-by may throw");
    }
}

package cahier.app.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.hamcrest.Matchers.stringContainsInOrder;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.gate.Gates;
import cahier.app.gate.RaisedGate;
import cahier.app.household.Place;
import cahier.app.household.Word;
import cahier.app.method.Methods;
import cahier.app.roadmap.Roadmaps;
import cahier.app.sheet.Homeworks;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.core.decide.TrackKind;
import cahier.core.gate.Danger;
import cahier.core.method.Choice;
import cahier.core.method.Question;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultMatcher;

/** From the first call to the end of the first visit: intake, red flags, dangers, words, method, places. */
class FirstContactTest extends AppTest {

    private Home home;
    private long dog;
    @Autowired
    private Intakes intakes;
    @Autowired
    private Gates gates;
    @Autowired
    private Methods methods;
    @Autowired
    private Homeworks homeworks;
    @Autowired
    private Roadmaps roadmaps;

    @BeforeEach
    void makeHome() {
        home = homes.make(edda(), TrackKind.SKILL, 2);
        dog = home.facts().dogs().get(0).id();
    }

    private String household() {
        return "/households/" + home.id;
    }

    private String intake() {
        return household() + "/intake";
    }

    private static ResultMatcher says(String text) {
        return content().string(containsString(text));
    }

    private void wish(String words, String topic, String mover) throws Exception {
        send(intake() + "/wishes", "words", words, "topic", topic, "mover", mover).andExpect(redirectedUrl(intake() + "#wishes"));
    }

    private RaisedGate raise(String flag, String what) throws Exception {
        send(household() + "/flags", "dog", Long.toString(dog), "flag", flag, "what", what).andExpect(redirectedUrl(intake() + "#flags"));
        return asEdda(() -> gates.ofHousehold(edda().practice(), home.id)).get(0);
    }

    private void about(String topic) throws Exception {
        send("/tracks/" + home.track, "version", "0", "title", "Leave it", "goal", "", "plan", "", "kind", "SKILL", "topic", topic);
    }

    @Test
    void whatTheyWantIsKeptInTheirWordsAndOrder() throws Exception {
        wish("He shall walk past dogs", "DOGS", "AFRAID");
        wish("And come when called", "EVERYDAY", "");
        long second = asEdda(() -> intakes.wishes(edda().practice(), home.id)).get(1).id();
        send(intake() + "/wishes/" + second + "/raise");
        open(intake()).andExpect(content().string(stringContainsInOrder("And come when called", "He shall walk past dogs", "afraid")));
        send(intake() + "/wishes/" + second + "/remove");
        open(intake()).andExpect(content().string(not(containsString("And come when called"))));
        send(intake() + "/wishes", "words", "", "topic", "DOGS").andExpect(says("must not be empty"));
    }

    @Test
    void theHouseholdsPartIsSavedAndAStaleOneShowsBoth() throws Exception {
        String[] fields = {"version", "0", "homeKind", "FLAT", "tried", "A spray collar, once", "askedFor", "", "otherAnimals", "a cat", "dailyMinutes", "20",
            "leads", "1.2 m, 6 ft", "equipment", "LONG_LINE"};
        send(intake() + "/home", fields).andExpect(redirectedUrl(intake() + "#home"));
        Intake saved = asEdda(() -> intakes.get(edda().practice(), home.id));
        assertThat(saved.items()).containsExactly(Equipment.LONG_LINE);
        assertThat(saved.dailyMinutes()).isEqualTo(20);
        send(intake() + "/home", fields).andExpect(status().isConflict());
        fields[1] = "1";
        fields[13] = "1.2 m, long";
        fields[11] = "0";
        send(intake() + "/home", fields).andExpect(status().isOk()).andExpect(says("was “long”")).andExpect(says("must be a whole number from 1 to 600, was “0”"))
                .andExpect(says("A spray collar, once"));
    }

    @Test
    void whatHarmsIsNotOfferedAndWhyIsSaid() throws Exception {
        send(intake() + "/home", "version", "0", "askedFor", "They want to jerk the lead");
        open(intake()).andExpect(says("Not offered")).andExpect(says("“jerk”: choking is not offered. Warnings vanish while the fear stays"));
        send("/tracks/" + home.track + "/steps", "version", "0", "title", "X", "how", "Y", "run", "5", "reps", "8", "sessions", "2", "minutes", "5",
                "onMiss", "Yell no").andExpect(status().isOk()).andExpect(says("“Yell”: startling is not offered."));
    }

    @Test
    void aDogsPartKnowsItsMotivatorsAndTheOneKeptForRecall() throws Exception {
        String path = intake() + "/dogs/" + dog;
        send(path, "dog", Long.toString(dog), "version", "0", "motivators", "chicken\ntug", "recallReward", "cheese", "kcal", "12", "fears", "vans")
                .andExpect(status().isOk()).andExpect(says("must be one of the motivators, was “cheese”"))
                .andExpect(says("must be a whole number from 20 to 900, was “12”")).andExpect(says("vans"));
        send(path, "dog", Long.toString(dog), "version", "0", "neutered", "yes", "motivators", "chicken\ntug", "recallReward", "chicken", "kcal", "380",
                "fears", "vans").andExpect(redirectedUrl(intake() + "#dog-" + dog));
        DogCare care = asEdda(() -> intakes.care(edda().practice(), home.id)).get(dog);
        assertThat(care.ranked()).containsExactly("chicken", "tug");
        assertThat(care.neutered()).isTrue();
        send(path, "dog", Long.toString(dog), "version", "0", "fears", "lifts").andExpect(status().isConflict()).andExpect(says("lifts")).andExpect(says("vans"));
    }

    @Test
    void aRedFlagShutsWhatItConcernsUntilTheNamedProfessionHasClearedIt() throws Exception {
        about("HANDLING");
        RaisedGate flag = raise("CHILD_THREATENED", "Growled at Noor over a shoe");
        open(household()).andExpect(says("A growl or snap at a child: a qualified behaviourist first.")).andExpect(says("Nothing of it is issued."));
        mvc.perform(get("/o/" + home.token)).andExpect(says("This rests until a qualified behaviourist has seen Pim."));
        send(household() + "/homework");
        assertThat(asEdda(() -> homeworks.latest(edda().practice(), home.id)).orElseThrow()).satisfies(sheet -> {
            assertThat(sheet.items()).isEmpty();
            assertThat(sheet.rests()).singleElement().satisfies(r -> assertThat(r.why()).isEqualTo("This rests until a qualified behaviourist has seen Pim."));
        });
        mvc.perform(get("/o/" + home.token)).andExpect(says("This rests until a qualified behaviourist has seen Pim."));

        String clear = "/flags/" + flag.id() + "/clear";
        send(clear, "by", "VET", "name", "Larch Street Practice", "on", flag.raisedOn().toString()).andExpect(says("must be a qualified behaviourist"));
        send(clear, "by", "BEHAVIOURIST", "name", "", "on", flag.raisedOn().minusDays(1).toString()).andExpect(says("must not be empty"))
                .andExpect(says("must be from " + flag.raisedOn() + " to today"));
        assertThat(asEdda(() -> homeworks.next(edda().practice(), roadmaps.of(edda().practice(), home.id, now())))).isEmpty();
        send(clear, "by", "BEHAVIOURIST", "name", "R. Okafor", "on", flag.raisedOn().toString(), "note", "Guard gates, then go on")
                .andExpect(redirectedUrl(intake() + "#flags"));
        assertThat(asEdda(() -> homeworks.next(edda().practice(), roadmaps.of(edda().practice(), home.id, now())))).hasSize(1);
        open(intake()).andExpect(says("Cleared by R. Okafor")).andExpect(says("Guard gates, then go on"));
    }

    @Test
    void otherTracksGoOnWhileOneIsShut() throws Exception {
        raise("PANIC_ALONE", "Chewed through the door frame");
        assertThat(asEdda(() -> homeworks.next(edda().practice(), roadmaps.of(edda().practice(), home.id, now())))).hasSize(1);
        about("ALONE");
        assertThat(asEdda(() -> homeworks.next(edda().practice(), roadmaps.of(edda().practice(), home.id, now())))).isEmpty();
    }

    @Test
    void aFlagRaisedByMistakeIsWithdrawnAndCanComeBack() throws Exception {
        about("BODY");
        RaisedGate flag = raise("PAIN", "Limps");
        send("/flags/" + flag.id() + "/withdraw").andExpect(flash().attribute("withdrawn", flag.id()));
        assertThat(asEdda(() -> homeworks.next(edda().practice(), roadmaps.of(edda().practice(), home.id, now())))).hasSize(1);
        send("/flags/" + flag.id() + "/restore");
        assertThat(asEdda(() -> homeworks.next(edda().practice(), roadmaps.of(edda().practice(), home.id, now())))).isEmpty();
        raise("PAIN", "Yelps on the stairs");
        assertThat(asEdda(() -> gates.ofHousehold(edda().practice(), home.id))).singleElement()
                .satisfies(g -> assertThat(g.what()).isEqualTo("Limps. Yelps on the stairs"));
        send(household() + "/flags", "dog", "0", "flag", "", "what", "").andExpect(says("must be one of these")).andExpect(says("must not be empty"));
    }

    @Test
    void theLetterCarriesFactsAndNoDiagnosis() throws Exception {
        wish("Noor cannot pass his bed", "PEOPLE", "AFRAID");
        wish("Walks nicely", "EVERYDAY", "");
        send(intake() + "/dogs/" + dog, "dog", Long.toString(dog), "version", "0", "health", "Limps after long walks", "fears", "shoes");
        RaisedGate flag = raise("CHILD_THREATENED", "Growled at Noor over a shoe");
        open("/flags/" + flag.id() + "/letter").andExpect(says("To a qualified behaviourist")).andExpect(says("Growled at Noor over a shoe"))
                .andExpect(says("Pim, terrier cross")).andExpect(says("Limps after long walks")).andExpect(says("Noor cannot pass his bed"))
                .andExpect(content().string(not(containsString("Walks nicely")))).andExpect(says("I do not diagnose")).andExpect(says("Edda Brandt"));
    }

    @Test
    void dangersComeFromTheIntakeAndGoOnTheSheet() throws Exception {
        wish("Chases cars", "EVERYDAY", "CHASING");
        send(household() + "/people", "id", "0", "version", "0", "name", "Noor", "consent", "on", "age", "9", "mayHandle", "on", "adult", Long.toString(home.facts().people().get(0).id()));
        assertThat(asEdda(() -> intakes.dangers(edda().practice(), home.id)).open()).containsExactly(Danger.SUPERVISE_CHILDREN, Danger.FENCE);
        send(intake() + "/dangers/FENCE", "state", "done");
        send(intake() + "/dangers/SUPERVISE_CHILDREN", "state", "sheet");
        assertThat(asEdda(() -> intakes.dangers(edda().practice(), home.id)).open()).isEmpty();
        home.issue();
        mvc.perform(get("/o/" + home.token)).andExpect(says("An adult in the room whenever a child is with the dog"))
                .andExpect(content().string(not(containsString("Fence or long line"))));
        send(intake() + "/dangers/FENCE", "state", "open");
        assertThat(asEdda(() -> intakes.dangers(edda().practice(), home.id)).open()).containsExactly(Danger.FENCE);
    }

    @Test
    void wordsThatClashAreShownAndStillKept() throws Exception {
        String[] fields = {"id", "0", "version", "0", "word", "mat", "meaning", "lie on the mat", "signal", "VOICE", "role", "CUE"};
        send(household() + "/words", fields);
        fields[5] = "cat";
        fields[7] = "look at the cat";
        send(household() + "/words", fields);
        fields[5] = "him";
        fields[7] = "greet";
        send(household() + "/words", fields);
        fields[5] = "flat hand";
        fields[7] = "lie on the mat";
        fields[9] = "HAND";
        send(household() + "/words", fields);
        open(household() + "?facts=words").andExpect(says("“cat” and “mat” sound alike to a dog.")).andExpect(says("“him” sounds like the name Pim."))
                .andExpect(content().string(not(containsString("“flat hand”"))));
        assertThat(home.facts().words()).extracting(Word::word).containsExactlyInAnyOrder("mat", "cat", "him", "flat hand");
        assertThat(home.facts().clashes()).hasSize(2);
    }

    @Test
    void theMethodIsChosenOverThePracticesUsual() throws Exception {
        send(household() + "/method", "MISS", "MISS_MARKER", "NAMING", "NOT_A_CHOICE").andExpect(redirectedUrl(household() + "/method"));
        assertThat(asEdda(() -> methods.ofHousehold(edda().practice(), home.id)).of(Question.MISS)).isEqualTo(Choice.MISS_MARKER);
        Home other = homes.make(edda(), TrackKind.SKILL, 1);
        assertThat(asEdda(() -> methods.ofHousehold(edda().practice(), other.id)).of(Question.MISS)).isEqualTo(Choice.MISS_QUIET);
        send(household() + "/method", "RECALL_WORD", "RECALL_WHISTLE", "usual", "on");
        assertThat(asEdda(() -> methods.ofHousehold(edda().practice(), other.id)).of(Question.RECALL_WORD)).isEqualTo(Choice.RECALL_WHISTLE);
        open(household() + "/method").andExpect(says("A whistle (usual)")).andExpect(says("Coming back before the noise never lets panic build."));
        open("/tracks/" + home.track + "/steps/new").andExpect(says("This household’s method: a neutral marker, then reset"));
        Home comfort = homes.make(edda(), TrackKind.COMFORT, 1);
        open("/tracks/" + comfort.track + "/steps/new").andExpect(says("This household’s method: nothing: reset quietly"));
        send(household() + "/method", "RECALL_WORD", "RECALL_KEPT_WORD", "MISS", "MISS_QUIET", "usual", "on");
    }

    @Test
    void placesStartFromTheKindOfHomeOnlyWhenThereAreNone() throws Exception {
        send(household() + "/places/start", "kind", "FLAT");
        assertThat(home.facts().places()).extracting(Place::name).containsExactlyInAnyOrder("kitchen", "hall");
        home.facts().places().forEach(p -> {
            try {
                send(household() + "/places/" + p.id() + "/remove");
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        });
        send(household() + "/places/start", "kind", "FLAT");
        assertThat(home.facts().places()).extracting(Place::name).contains("landing", "park");
        assertThat(home.facts().places()).isSortedAccordingTo((a, b) -> Integer.compare(a.difficulty(), b.difficulty()));
    }

    @Test
    void theBookSaysWhatTheNextHomeworkAsksOfTheirDay() throws Exception {
        open(household()).andExpect(says("The next homework takes up to 10\u00a0min and 16 treats a day."));
        send(intake() + "/home", "version", "0", "dailyMinutes", "8");
        open(household()).andExpect(says("<p class=\"heavy\">The next homework takes up to 10\u00a0min and 16 treats a day. They have 8\u00a0min.</p>"));
        for (String template : List.of("down", "front", "fetch")) {
            send(household() + "/tracks", "version", "0", "dog", Long.toString(dog), "template", template);
        }
        open(household()).andExpect(says("The next homework takes up to 26\u00a0min and 36 treats a day. They have 8\u00a0min: leave out “Front” first. 1 more open track stays out."));
    }

    @Test
    void someoneWhoMayNotPractiseIsNotOfferedToTheOwner() throws Exception {
        send(household() + "/people", "id", "0", "version", "0", "name", "Uncle Bram", "age", "", "pace", "80 cm").andExpect(status().is3xxRedirection());
        mvc.perform(get("/o/" + home.token + "/practice/" + home.stepNow())).andExpect(says("Marit")).andExpect(content().string(not(containsString("Uncle Bram"))));
        send(household() + "/people", "id", "0", "version", "0", "name", "Ann", "pace", "3 m").andExpect(says("must be from 20 cm to 1.5 m, was “3 m”"));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "18.5    | must say its unit: 18.5 kg, or 18.5 lb, which is 8.4\u00a0kg (18.5\u00a0lb)?",
        "18.5 kg | was 8.4\u00a0kg (18.5\u00a0lb) before, and 18.5 lb is 8.4\u00a0kg (18.5\u00a0lb). Pounds? Save again if it is 18.5 kg."})
    void poundsTypedAsKilogramsAreAskedBackOnce(String typed, String question) throws Exception {
        String[] fields = {"id", Long.toString(dog), "version", "0", "name", "Pim", "looks", "terrier cross", "born", "", "weight", typed, "sure", ""};
        send(household() + "/dogs", fields).andExpect(status().isOk()).andExpect(says(question)).andExpect(says("name=\"sure\" value=\"" + typed + "\""));
        assertThat(home.facts().dogs().get(0).weightG()).isEqualTo(8400);
        fields[13] = typed;
        send(household() + "/dogs", fields).andExpect(status().is3xxRedirection());
        assertThat(home.facts().dogs().get(0).weightG()).isEqualTo(18500);
    }

    @Test
    void anEmptyHouseholdHasPagesThatSayWhatToDo() throws Exception {
        String created = send("/households", "version", "0", "name", "Empty " + home.id, "zone", "Europe/London").andReturn().getResponse().getHeader("Location");
        String path = String.valueOf(created).replace("?facts=people", "");
        for (String page : List.of("", "/intake", "/method", "/baselines")) {
            open(path + page).andExpect(status().isOk());
        }
        open(path + "/intake").andExpect(says("Add the dog first.")).andExpect(says("No dog yet"));
        open(path + "/baselines").andExpect(says("A baseline belongs to a dog."));
        send(path + "/homework").andExpect(flash().attributeExists("refusal"));
    }
}

package cahier.app.baseline;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.junit.jupiter.api.Assertions.assertTimeout;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.gate.Gates;
import cahier.app.support.AppTest;
import cahier.app.support.Browser;
import cahier.app.support.Home;
import cahier.core.alone.Spell;
import cahier.core.decide.TrackKind;
import cahier.core.gate.RedFlag;
import cahier.core.sound.HomeRecorder;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;

/** Watches from a recording, a file, typed; read, corrected, compared. */
class WatchesTest extends AppTest {

    @Autowired
    private Baselines baselines;
    @Autowired
    private Gates gates;
    private Home home;
    private String dog;

    @BeforeEach
    void makeHome() {
        home = homes.make(edda(), TrackKind.COMFORT, 1);
        dog = Long.toString(home.facts().dogs().get(0).id());
    }

    private ResultActions upload(String name, byte[] file, String about) throws Exception {
        return mvc.perform(multipart("/households/" + home.id + "/watches").file(new MockMultipartFile("file", name, "application/octet-stream", file)).param("dog", dog).param("about", about)
                .with(user(edda())).with(csrf()));
    }

    private ResultActions typed(String about, String spells, String... more) throws Exception {
        String[] fields = {"dog", dog, "about", about, "spells", spells};
        String[] all = Stream.concat(Arrays.stream(fields), Arrays.stream(more)).toArray(String[]::new);
        return send("/households/" + home.id + "/watches", all);
    }

    private List<Baseline> watches() {
        return asEdda(() -> baselines.ofHousehold(edda().practice(), home.id));
    }

    private byte[] recording(String which) throws Exception {
        return mvc.perform(get("/bench/recording.wav?dog=" + which + "&seed=3").with(user(edda()))).andReturn().getResponse().getContentAsByteArray();
    }

    @Test
    void aLongLineIsRefusedAtOnceAndNotRepeated() {
        for (String line : List.of(" ".repeat(100_000) + "x", "a".repeat(100_000), "vocal" + " ".repeat(100_000) + ",1,", "vocal,1" + " ".repeat(100_000) + ",:")) {
            assertTimeout(Duration.ofSeconds(2), () -> assertThatIllegalArgumentException().isThrownBy(() -> SpellText.read(line))
                    .withMessageContaining("line 1 must be a sign and two times").satisfies(e -> assertThat(e.getMessage()).hasSizeLessThan(300)));
        }
    }

    @Test
    void aRecordingBecomesATimelineAndIsCorrectedByHand() throws Exception {
        upload("monday.wav", recording("barks"), "shut in").andExpect(redirectedUrlPattern("/baselines/*/watch"));
        Baseline heard = watches().get(0);
        assertThat(heard.findings().spellsOrNone()).hasSize(6).first().satisfies(s -> {
            assertThat(s.from()).isBetween(11.7, 12.3);
            assertThat(s.to()).isBetween(30.7, 31.3);
        });
        assertThat(heard.findings().levels()).hasSize(900);
        open("/baselines/" + heard.id() + "/watch").andExpect(content().string(allOf(containsString("Gets worse"), containsString("First sign after 12\u00a0s of 15\u00a0min."), containsString("vocal, 0:"), containsString("class=\"level\""),
                containsString("Pacing, clawing and drooling are not heard."))));
        send("/baselines/" + heard.id() + "/watch", "spells", "vocal, 0:12, 0:31\npacing, 4:00, 4:20\nvocal, 14:00, 14:30", "watched", "15 min");
        open("/baselines/" + heard.id() + "/watch").andExpect(content().string(allOf(containsString("Comes in spells"), containsString("pacing, 4:00, 4:20"), containsString("class=\"level\""))));
        send("/baselines/" + heard.id() + "/watch", "spells", "vocal, 0:12, 0:31\nsinging, 1, 2", "watched", "15 min").andExpect(flash().attribute("refusal", containsString("Line 2 must be a sign and two times, such as vocal, 1:05, 1:20")))
                .andExpect(flash().attribute("typed", containsString("singing")));
        assertThat(watches().get(0).findings().spellsOrNone()).hasSize(3);
    }

    @Test
    void aMachineIsAskedAboutAndTheAnswerHolds() throws Exception {
        upload("hum.wav", recording("machine"), "loose");
        Baseline heard = watches().get(0);
        double from = heard.findings().unsure().get(0).from();
        String page = "/baselines/" + heard.id() + "/watch";
        open(page).andExpect(content().string(allOf(containsString("Is this the dog?"), containsString("From 5:00 to 7:00 it is as even as a machine."))));
        send(imre(), page + "/spell", "from", Double.toString(from), "dog", "false").andExpect(status().isNotFound());
        send(page + "/spell", "from", "1", "dog", "false").andExpect(status().isNotFound());
        send(page + "/spell", "from", Double.toString(from), "dog", "true").andExpect(redirectedUrl(page));
        open(page).andExpect(content().string(not(containsString("Is this the dog?"))));
        send(page, "spells", SpellText.of(watches().get(0).findings().spellsOrNone()), "watched", "15 min");
        open(page).andExpect(content().string(not(containsString("Is this the dog?"))));
        upload("hum.wav", recording("machine"), "loose");
        Baseline again = watches().get(0);
        send("/baselines/" + again.id() + "/watch/spell", "from", Double.toString(again.findings().unsure().get(0).from()), "dog", "false");
        assertThat(watches().get(0).findings().spellsOrNone()).isEmpty();
    }

    @Test
    void aRecordingThatIsLoudThroughoutIsNeverCalledQuiet() throws Exception {
        byte[] howl = new ByteArrayOutputStream() {{
            new HomeRecorder(1, 8000, 60, List.of(), 18, -1, false, new Spell(0, 60)).write(this);
        }}.toByteArray();
        upload("howl.wav", howl, "shut in");
        typed("loose", "", "watched", "15 min");
        Baseline heard = watches().stream().filter(w -> w.about().equals("shut in")).findFirst().orElseThrow();
        open("/baselines/" + heard.id() + "/watch").andExpect(content().string(allOf(containsString("Loud throughout"), containsString("Listen to it yourself"), not(containsString("No sign noted")))));
        open("/households/" + home.id + "/alone").andExpect(content().string(containsString("They cannot be compared")));
        assertThat(heard.measured()).as("it says nothing of where to start").isEmpty();
        send("/baselines/" + heard.id() + "/watch", "spells", "vocal, 0:00, 1:00", "watched", "1 min");
        open("/baselines/" + heard.id() + "/watch").andExpect(content().string(containsString("Distressed most of the time")));
    }

    @Test
    void inABrowserItIsTappedReadFromARecordingAndPutRight(@TempDir Path folder) throws Exception {
        Path wav = Files.write(folder.resolve("monday.wav"), recording("barks"));
        try (Browser browser = browser()) {
            Page trainer = browser.trainer(edda());
            trainer.navigate("/households/" + home.id + "/baselines");
            trainer.click("summary:text-is('15 minutes alone')");
            trainer.click("text=The door is shut: begin");
            trainer.click("button:has-text('Pacing begins')");
            assertThat(trainer.locator("button:has-text('Pacing ends')")).isVisible(); // only then the clock may go on
            clock.pass(Duration.ofMinutes(1));
            trainer.click("button:has-text('Pacing ends')");
            assertThat(trainer.locator("button:has-text('Pacing begins')")).isVisible();
            clock.pass(Duration.ofMinutes(4));
            trainer.click("text=End the watch");
            trainer.click("text=What it says");
            assertThat(trainer.locator("#pattern")).hasText("Settles after a while");
            trainer.navigate("/households/" + home.id + "/baselines");
            trainer.click("summary:has-text('from a recording or typed')");
            trainer.setInputFiles("#file", wav);
            trainer.locator("#watch label:has-text('Loose')").click();
            trainer.click("text=Read the watch");
            assertThat(trainer.locator("h1")).containsText("left loose");
            assertThat(trainer.locator("#spells")).hasValue(Pattern.compile("vocal, 0:1[12].*", Pattern.DOTALL));
            trainer.fill("#spells", "vocal, 0:12, 0:31");
            trainer.click("text=Correct it");
            assertThat(trainer.locator("#pattern")).hasText("Settles after a while");
            putRightOnTheDrawing(trainer);
            trainer.click("text=Time alone >> nth=0");
            assertThat(trainer.locator(".note .say").first()).hasText("Leave it loose");
        }
    }

    private static void putRightOnTheDrawing(Page trainer) {
        assertThat(trainer.locator(".watch[data-ready] .grip")).hasCount(2); // one spell is left: the page from before has many, and the script comes last
        Locator end = trainer.locator("#spell-0-to");
        end.focus();
        trainer.keyboard().press("ArrowRight");
        assertThat(trainer.locator("#spells")).hasValue("vocal, 0:12, 0:32");
        BoundingBox box = end.boundingBox();
        trainer.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        trainer.mouse().down();
        trainer.mouse().move(box.x + box.width / 2 + 70, box.y + 3);
        trainer.mouse().up();
        assertThat(trainer.locator("#spells")).hasValue(Pattern.compile("vocal, 0:12, [12]:\\d\\d.*"));
        trainer.locator("#spell-0-from").focus();
        for (int i = 0; i < 13; i++) {
            trainer.keyboard().press("ArrowLeft");
        }
        assertThat(trainer.locator("#spells")).hasValue(Pattern.compile("vocal, 0:00, .*"));
        trainer.fill("#spells", "vocal, 0:12");
        assertThat(end).isHidden();
        trainer.fill("#spells", "vocal, 0:12, 0:31");
        assertThat(end).isVisible();
        trainer.click("text=Correct it");
    }

    @Test
    void whatIsNoRecordingIsNamedAndWhatWasTypedStays() throws Exception {
        byte[] good = recording("quiet");
        upload("song.mp3", "ID3 and so on".getBytes(StandardCharsets.US_ASCII), "loose").andExpect(flash().attribute("refusal", "This is an MP3. It must be a WAV file, uncompressed (PCM), 16 bits or more, mono or stereo."));
        upload("half.wav", Arrays.copyOf(good, good.length / 2), "loose").andExpect(flash().attribute("refusal", containsString("cut off: 50% of it is here")));
        upload("empty.wav", new byte[0], "loose").andExpect(flash().attribute("refusal", containsString("The file is empty.")));
        typed("outside", "vocal, 1, 2").andExpect(flash().attribute("refusal", containsString("shut in, loose, was “outside”"))).andExpect(flash().attribute("typed", "vocal, 1, 2"));
        typed("loose", "", "watched", "2 h").andExpect(flash().attribute("refusal", containsString("from 1 s to 60 min, was “2 h”")));
        typed("loose", "vocal, 9, 3").andExpect(flash().attribute("refusal", containsString("was “vocal, 9, 3”")));
        assertThat(watches()).isEmpty();
        send("/households/" + home.id + "/watches", "dog", "0", "about", "loose").andExpect(status().isNotFound());
    }

    @Test
    void aCsvFileIsReadAndSilenceIsNotCalledCalm() throws Exception {
        upload("spells.csv", "\uFEFFsign,from,to\nvocal,12.5,14\ndrooling;60;120\n".getBytes(StandardCharsets.UTF_8), "loose").andExpect(status().isFound());
        assertThat(watches().get(0).findings().spellsOrNone()).extracting(Findings.Spell::sign).containsExactly(Findings.Sign.VOCAL, Findings.Sign.DROOLING);
        upload("quiet.wav", recording("quiet"), "loose");
        open("/baselines/" + watches().get(0).id() + "/watch").andExpect(content().string(allOf(containsString("No sign noted"), containsString("A quiet dog is not always a calm dog: look at how it lies"))));
    }

    @Test
    void theKinderArrangementIsProposedAndDamageShutsTheGate() throws Exception {
        String page = "/households/" + home.id + "/alone";
        open(page).andExpect(content().string(containsString("Not watched yet.")));
        typed("shut in", "vocal, 0:10, 8:00");
        open(page).andExpect(content().string(allOf(containsString("Watch the other too"), not(containsString("Leave it")))));
        typed("loose", "vocal, 0:10, 1:00");
        open(page).andExpect(content().string(allOf(containsString("Leave it loose"), containsString("Distress 52 against 6 in 100 of the time."))));
        typed("loose", "vocal, 0:10, 7:50");
        open(page + "?enters=first").andExpect(content().string(allOf(containsString("Leave it shut in"), containsString("Alike, 52 and 51 in 100"))));
        open(page + "?enters=second").andExpect(content().string(containsString("Leave it loose")));
        typed("loose", "vocal, 0:10, 0:20", "damage", "hurt");
        open(page).andExpect(content().string(allOf(containsString("Leave it shut in"), containsString("Something was damaged, or hurt, in the other."))));
        assertThat(asEdda(() -> gates.ofHousehold(edda().practice(), home.id))).singleElement().satisfies(g -> assertThat(g.flag()).isEqualTo(RedFlag.SELF_INJURY));
    }
}

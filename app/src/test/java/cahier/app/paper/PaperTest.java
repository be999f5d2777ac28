package cahier.app.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import cahier.app.draw.QrCode;
import cahier.app.language.Language;
import cahier.app.sheet.Homeworks;
import cahier.app.sheet.OwnerLinks;
import cahier.app.support.AppTest;
import cahier.app.support.Home;
import cahier.app.track.KeyedPlan;
import cahier.app.track.Track;
import cahier.app.track.Tracks;
import cahier.app.web.Dates;
import cahier.core.decide.TrackKind;
import cahier.core.gate.Topic;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.io.IOException;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** The sheet on paper, read back from the PDF. */
class PaperTest extends AppTest {

    @Autowired
    private Homeworks homeworks;
    @Autowired
    private Tracks tracks;
    @Autowired
    private OwnerLinks links;
    private Home home;

    /** The text of a PDF with every run of white space as one blank. */
    private record Read(String text, int pages) {

        static Read of(byte[] pdf) throws IOException {
            try (PDDocument document = Loader.loadPDF(pdf)) {
                return new Read(new PDFTextStripper().getText(document).replaceAll("[\\s\u00a0]+", " "), document.getNumberOfPages());
            }
        }
    }

    @BeforeEach
    void makeHome() {
        home = homes.make(edda(), TrackKind.SKILL, 3);
    }

    private long sheet() {
        return asEdda(() -> homeworks.latest(edda().practice(), home.id)).orElseThrow().id();
    }

    private Read pdf() throws Exception {
        return Read.of(open("/sheets/" + sheet() + ".pdf").andExpect(status().isOk()).andExpect(header().string("Content-Type", "application/pdf"))
                .andReturn().getResponse().getContentAsByteArray());
    }

    @Test
    void oneExerciseStandsOnOnePageWithItsBoxes() throws Exception {
        Read pdf = pdf();
        assertThat(pdf.pages).isEqualTo(1);
        assertThat(pdf.text).contains("Homework for Pim", "For Dele, Marit", "1. Leave it", "8 reps, twice a day", "Step 1 of 3: Step 1.", "Step 1: wait, then pay.", "5 clean in a row.",
                "To strangers “Pim is in training.", "the vet first")
                .containsPattern("am( ·){56} pm( ·){56} ");
    }

    /** The household's language, whoever asks for the sheet: its dates, and its paper. */
    @Test
    void anAmericanHouseholdGetsItsOwnDatesOnLetter() throws Exception {
        homes.change(edda(), "update household set language = 'en-US' where id = " + home.id);
        Language american = Language.of("en-US");
        LocalDate issued = asEdda(() -> homeworks.latest(edda().practice(), home.id)).orElseThrow().issuedAt().atZone(home.facts().household().zone()).toLocalDate();
        byte[] pdf = open("/sheets/" + sheet() + ".pdf").andExpect(status().isOk()).andReturn().getResponse().getContentAsByteArray();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDRectangle paper = document.getPage(0).getMediaBox();
            assertThat(List.of(Math.round(paper.getWidth()), Math.round(paper.getHeight()))).containsExactly(612, 792);
            assertThat(document.getNumberOfPages()).isEqualTo(1);
        }
        assertThat(Read.of(pdf).text).contains(american.speaking(() -> Dates.shortDate(issued)) + " to").doesNotContain(Dates.shortDate(issued) + " to");
        open("/o/" + home.token).andExpect(content().string(allOf(containsString("lang=\"en-US\""), containsString(american.speaking(() -> Dates.longDate(issued))))));
        open("/sheets").andExpect(content().string(containsString("lang=\"en-GB\"")));
    }

    @Test
    void fourExercisesAreNeverSplitAcrossPages() throws Exception {
        long dog = home.facts().dogs().get(0).id();
        asEdda(() -> {
            for (String title : List.of("Recall", "Settle", "Doorway", "Walk past")) {
                tracks.add(edda().practice(), Track.fresh(edda().practice(), home.id, dog, title, "", "", TrackKind.SKILL, Topic.EVERYDAY, "", ""), List.of(KeyedPlan.own(Home.step("First"))), now());
            }
            return homeworks.issue(edda(), home.id, tracks.ofHousehold(edda().practice(), home.id).stream().map(m -> m.track().id()).collect(Collectors.toSet()), now());
        });
        byte[] pdf = open("/sheets/" + sheet() + ".pdf").andReturn().getResponse().getContentAsByteArray();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(2);
            int exercises = 0;
            for (int page = 1; page <= 2; page++) {
                PDFTextStripper stripper = new PDFTextStripper();
                stripper.setStartPage(page);
                stripper.setEndPage(page);
                String text = stripper.getText(document);
                long headings = Pattern.compile("(?m)^\\d\\. ").matcher(text).results().count();
                assertThat(Pattern.compile("Step 1 of").matcher(text).results().count()).as("page %s", page).isEqualTo(headings);
                assertThat(Pattern.compile("pm( ·){56} ").matcher(text.replaceAll("\\s+", " ")).results().count()).as("page %s", page).isEqualTo(headings);
                exercises += (int) headings;
            }
            assertThat(exercises).isEqualTo(5);
        }
    }

    @Test
    void theCodeLeadsToTheHouseholdsPage() throws Exception {
        String link = "http://127.0.0.1:" + port + "/o/" + home.token;
        String html = open("/sheets/" + sheet() + "/print").andExpect(content().string(allOf(containsString("Your page"), containsString("As PDF")))).andReturn().getResponse().getContentAsString();
        QrCode code = QrCode.of(link);
        assertThat(html).contains(code.path());
        int scale = 4;
        int side = code.size() * scale;
        int[] pixels = new int[side * side];
        Arrays.fill(pixels, 0xFFFFFF);
        Matcher modules = Pattern.compile("M(\\d+) (\\d+)h").matcher(code.path());
        while (modules.find()) {
            for (int i = 0; i < scale * scale; i++) {
                pixels[(Integer.parseInt(modules.group(2)) * scale + i / scale) * side + Integer.parseInt(modules.group(1)) * scale + i % scale] = 0;
            }
        }
        assertThat(new QRCodeReader().decode(new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(side, side, pixels)))).getText()).isEqualTo(link);
    }

    @Test
    void withoutALinkThereIsNoCodeAndTheHouseholdPrintsItsOwnSheet() throws Exception {
        assertThat(Read.of(mvc.perform(get("/o/" + home.token + "/sheet.pdf")).andReturn().getResponse().getContentAsByteArray()).text).contains("Homework for Pim");
        mvc.perform(get("/o/no-such-link/sheet.pdf")).andExpect(status().isNotFound());
        asEdda(() -> {
            links.revoke(edda().practice(), home.id, now());
            return null;
        });
        assertThat(pdf().text).doesNotContain("Your page");
    }

    @Test
    void namesWithAccentsAndMarkupStandAsTheyAreWritten() throws Exception {
        send("/households/" + home.id + "/people", "id", "0", "version", "0", "name", "Łucja <b>& Zoë</b>", "mayHandle", "on");
        assertThat(pdf().text).contains("Łucja <b>& Zoë</b>");
    }
}

package cahier.app.track;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.core.decide.TrackKind;
import cahier.core.pass.Odds;
import cahier.core.pass.Run;
import cahier.core.pass.Spread;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What a rule costs is said where it is chosen, in the figures of docs/rules.md 40. */
class PassChoiceTest {

    private static final Map<PassChoice, String> ROWS = Map.of(PassChoice.RUN, "RUN 5", PassChoice.RATE_80, "RATE .8 of 10", PassChoice.RATE_90, "RATE .9 of 10", PassChoice.BLOCKS, "BLOCK",
            PassChoice.CALM, "CALM", PassChoice.ODDS, "ODDS .7, .8");

    @Test
    void theCostIsWhatMadeUpDogsShowed() throws IOException {
        List<String> rules = Files.readAllLines(Path.of("..", "docs", "rules.md"));
        ROWS.forEach((choice, row) -> {
            String line = rules.stream().filter(l -> l.startsWith("| " + row + " | at the close |")).findFirst().orElseThrow();
            String[] cells = line.split(" \\| ");
            double weeks = Double.parseDouble(cells[2].substring(0, cells[2].indexOf(' ')));
            double wrong = Double.parseDouble(cells[5].split(" / ")[0]);
            String often = wrong == 0 ? "hardly a step" : "1 step in " + Math.round(100 / wrong);
            assertThat(choice.cost()).isEqualTo("On made-up dogs it let %s on too early, and seven steps took %.1f of 12 weeks.".formatted(often, weeks));
        });
    }

    @Test
    void whatLettingTheOwnerMoveOnSavesIsSaidAsItWasSeen() throws IOException {
        List<String> rules = Files.readAllLines(Path.of("..", "docs", "rules.md"));
        String page = Files.readString(Path.of("src", "main", "resources", "words", "pages.properties")).replaceAll("\\s+", " ");
        long owner = weeks(rules, "| the owner may move on, a lesson a week |");
        long lesson = weeks(rules, "| in a lesson a week |");
        assertThat(page).contains("seven steps took " + owner + " of 12 weeks instead of " + lesson + ".");
    }

    /** By ODDS, as it is judged today; in whole weeks. */
    private static long weeks(List<String> rules, String row) {
        String[] cells = rules.stream().filter(l -> l.startsWith(row)).findFirst().orElseThrow().split(" \\| ");
        return Math.round(Double.parseDouble(cells[2].substring(0, cells[2].indexOf(' '))));
    }

    @Test
    void byHowOftenItIsPractised() {
        assertThat(PassChoice.RHYTHM.rule(3, null, TrackKind.SKILL, null, true)).isEqualTo(Odds.usual(Spread.NONE));
        assertThat(PassChoice.RHYTHM.rule(3, null, TrackKind.SKILL, null, false)).isEqualTo(new Run(5, new Spread(0, 0, 0, 0, 1, 1)));
        assertThat(PassChoice.RHYTHM.rule(3, null, TrackKind.COMFORT, null, false)).isEqualTo(new Run(5, Spread.COMFORT));
        assertThat(PassChoice.RHYTHM.rule(3, null, TrackKind.SKILL, new Spread(3, 0, 0, 0, 0, 0), false)).isEqualTo(new Run(5, new Spread(3, 0, 0, 0, 0, 0)));
    }
}

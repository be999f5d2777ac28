package cahier.core.lesson;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import cahier.core.Vectors;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The agenda while a lesson runs (docs/rules.md 19). */
class HourTest {

    static Stream<JsonNode> late() {
        return Vectors.cases("hour.json", "late");
    }

    static Stream<JsonNode> moves() {
        return Vectors.cases("hour.json", "moves");
    }

    private static Hour hour(JsonNode given) {
        List<Hour.Block> blocks = new ArrayList<>();
        given.get("blocks").forEach(b -> blocks.add(new Hour.Block(b.get(2).asText().equals("o") ? Hour.OWN : b.get(0).asText(), b.get(1).asInt(), b.get(2).asText().equals("t"))));
        return new Hour(blocks, given.get("at").asInt());
    }

    @ParameterizedTest
    @MethodSource("late")
    void lateIsSaidWithWhatGivesWay(JsonNode given) {
        JsonNode expect = given.get("expect");
        Hour hour = hour(given);
        assertThat(hour.left(given.get("elapsed").asInt())).isEqualTo(expect.get("left").asInt());
        assertThat(hour.late(given.get("elapsed").asInt())).isEqualTo(new Hour.Late(expect.get("minutes").asInt(), expect.get("fromOwn").asInt(), StreamSupport.stream(expect.get("drop").spliterator(), false).map(JsonNode::asText).toList()));
    }

    @ParameterizedTest
    @MethodSource("moves")
    void ownPracticeGivesAndTakes(JsonNode given) {
        Hour hour = hour(given);
        Hour moved = given.has("resize") ? hour.resized(given.get("resize").get(0).asInt(), given.get("resize").get(1).asInt())
                : given.has("move") ? hour.moved(given.get("move").get(0).asInt(), given.get("move").get(1).asInt())
                : given.has("drop") ? hour.dropped(given.get("drop").asInt()) : hour.caughtUp(given.get("caughtUp").asInt());
        assertThat(moved.blocks()).extracting(Hour.Block::minutes).isEqualTo(StreamSupport.stream(given.get("expect").get("minutes").spliterator(), false).map(JsonNode::asInt).toList());
        assertThat(moved.at()).isEqualTo(given.get("expect").get("at").asInt());
    }

    @Test
    void whateverIsDoneTheMinutesAddUpAndWhatIsAtHandStaysAtHand() {
        SplittableRandom random = new SplittableRandom(22);
        for (int n = 0; n < 2000; n++) {
            List<Hour.Block> blocks = new ArrayList<>(List.of(new Hour.Block("Arrive", random.nextInt(1, 9), false)));
            for (int i = random.nextInt(5); i > 0; i--) {
                blocks.add(new Hour.Block("Track " + i, random.nextInt(1, 16), true));
            }
            if (random.nextBoolean()) {
                blocks.add(new Hour.Block(Hour.OWN, random.nextInt(20), false));
            }
            blocks.add(new Hour.Block("Close", random.nextInt(1, 12), false));
            Hour hour = new Hour(blocks, random.nextInt(blocks.size()));
            int sum = sum(hour);
            String atHand = hour.blocks().get(hour.at()).title();
            for (int move = 0; move < 8; move++) {
                int one = random.nextInt(hour.blocks().size());
                hour = switch (random.nextInt(4)) {
                    case 0 -> hour.resized(one, random.nextInt(-3, 40));
                    case 1 -> hour.moved(one, random.nextInt(hour.blocks().size()));
                    case 2 -> hour.dropped(one);
                    default -> hour.caughtUp(random.nextInt(90));
                };
                assertThat(sum(hour)).isEqualTo(sum);
                assertThat(hour.blocks().get(hour.at()).title()).isEqualTo(atHand);
            }
        }
    }

    private static int sum(Hour hour) {
        return hour.blocks().stream().mapToInt(Hour.Block::minutes).sum();
    }

    @Test
    void anAgendaWithoutABlockAtHandIsNone() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Hour(List.of(), 0)).withMessage("at must be one of 0 blocks, was 0");
        assertThatIllegalArgumentException().isThrownBy(() -> new Hour(List.of(new Hour.Block("Arrive", 5, false)), 1)).withMessage("at must be one of 1 blocks, was 1");
        assertThatIllegalArgumentException().isThrownBy(() -> new Hour.Block("Arrive", -1, false)).withMessage("minutes must be 0 or more, was -1");
    }
}

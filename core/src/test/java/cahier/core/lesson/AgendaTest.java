package cahier.core.lesson;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import cahier.core.Vectors;
import cahier.core.decide.Decision;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class AgendaTest {

    static Stream<JsonNode> agendas() {
        return Vectors.cases("agenda.json");
    }

    private static List<Agenda.Wish> wishes(JsonNode given) {
        return StreamSupport.stream(given.get("tracks").spliterator(), false)
                .map(t -> new Agenda.Wish(t.get("name").asText(), Decision.valueOf(t.get("decision").asText()), t.get("personGap").asBoolean())).toList();
    }

    @ParameterizedTest
    @MethodSource("agendas")
    void workedCasesHold(JsonNode given) {
        Agenda agenda = Agenda.of(given.get("minutes").asInt(), wishes(given));
        List<Agenda.Block> blocks = StreamSupport.stream(given.get("expect").get("blocks").spliterator(), false)
                .map(b -> new Agenda.Block(b.get("track").asText(), b.get("minutes").asInt())).toList();
        List<String> carried = StreamSupport.stream(given.get("expect").get("carriedOver").spliterator(), false).map(JsonNode::asText).toList();
        assertThat(agenda).isEqualTo(new Agenda(blocks, given.get("expect").get("ownPractice").asInt(), carried));
    }

    @ParameterizedTest
    @MethodSource("agendas")
    void everyMinuteIsGivenOnceAndEveryTrackStandsOnce(JsonNode given) {
        for (int minutes = 30; minutes <= 180; minutes += 5) {
            Agenda agenda = Agenda.of(minutes, wishes(given));
            assertThat(agenda.blocks().stream().mapToInt(Agenda.Block::minutes).sum() + agenda.ownPractice() + 20).isEqualTo(minutes);
            List<String> all = new ArrayList<>(agenda.carriedOver());
            agenda.blocks().forEach(b -> all.add(b.track()));
            assertThat(all).containsExactlyInAnyOrderElementsOf(wishes(given).stream().map(Agenda.Wish::track).toList());
        }
    }

    @Test
    void withoutATrackTheHourIsTheOwners() {
        assertThat(Agenda.of(60, List.of())).isEqualTo(new Agenda(List.of(), 40, List.of()));
    }

    @Test
    void lessThanHalfAnHourIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> Agenda.of(29, List.of())).withMessage("minutes must be 30 or more, was 29");
    }
}

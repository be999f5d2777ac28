package cahier.core.exposure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import cahier.core.Vectors;
import cahier.core.exposure.LongWatching.Block;
import cahier.core.exposure.LongWatching.Moment;
import cahier.core.exposure.LongWatching.Seen;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A sitting in blocks, the traffic of a place, and what to take along. */
class LongWatchingTest {

    private static Moment at(int minute, Seen seen) {
        return new Moment(60 * minute, seen);
    }

    @Test
    void momentsFallIntoQuartersOfAnHour() {
        LongWatching w = LongWatching.of(List.of(at(0, Seen.CALM), new Moment(899, Seen.REACTED), at(15, Seen.ATE), at(44, Seen.REFUSED)), 45 * 60);
        assertThat(w.blocks()).containsExactly(new Block(1, 1, 0, 0), new Block(0, 0, 1, 0), new Block(0, 0, 0, 1));
        assertThat(w.blocks().get(0).calmShare()).hasValue(0.5);
        assertThat(w.blocks().get(1).calmShare()).isEmpty();
        assertThat(w.blocks().get(1).foodShare()).hasValue(1);
        assertThat(w.blocks().get(0).foodShare()).isEmpty();
        assertThat(LongWatching.of(List.of(), 0).blocks()).hasSize(1);
        assertThat(LongWatching.of(List.of(at(15, Seen.CALM)), 15 * 60).blocks()).as("a tap on the line belongs to the next block").hasSize(2);
    }

    @Test
    void theTrendComparesTheLastThirdWithTheFirst() {
        Stream<Moment> worse = Stream.of(at(1, Seen.REACTED), at(2, Seen.CALM));
        Stream<Moment> better = Stream.of(at(31, Seen.CALM), at(32, Seen.CALM));
        List<Moment> all = Stream.concat(Stream.concat(worse, Stream.of(at(20, Seen.REACTED))), better).toList();
        assertThat(LongWatching.of(all, 45 * 60).trend()).hasValueCloseTo(0.5, within(1e-9));
        assertThat(LongWatching.of(List.of(at(1, Seen.CALM)), 60).trend()).as("one block says nothing").isEmpty();
        assertThat(LongWatching.of(List.of(at(1, Seen.CALM), at(50, Seen.REACTED)), 60 * 60).trend()).as("empty blocks between are left out").hasValueCloseTo(-1.0, within(1e-9));
    }

    @Test
    void notEatingIsTooMuchOnlyAfterTheFirstQuarter() {
        assertThat(LongWatching.of(List.of(at(1, Seen.REFUSED)), 60).isTooMuch()).isFalse();
        assertThat(LongWatching.of(List.of(at(16, Seen.REFUSED)), 16 * 60).isTooMuch()).isTrue();
        assertThat(LongWatching.of(List.of(at(16, Seen.REFUSED), at(17, Seen.ATE)), 17 * 60).isTooMuch()).isFalse();
    }

    static Stream<JsonNode> sittings() {
        return Vectors.cases("watching.json");
    }

    @ParameterizedTest
    @MethodSource("sittings")
    void whatToDoMeanwhile(JsonNode given) {
        List<Moment> moments = StreamSupport.stream(given.get("moments").spliterator(), false).map(m -> new Moment(m.get(0).asInt(), Seen.valueOf(m.get(1).asText()))).toList();
        assertThat(LongWatching.advice(moments, given.get("seconds").asInt(), given.path("expected").asBoolean(true))).as(given.get("name").asText()).isEqualTo(LongWatching.Advice.valueOf(given.get("expect").asText()));
    }

    @Test
    void halfAnHourAsItUsuallyGoesTakesThirtySevenPieces() {
        assertThat(Provisions.usual(30, 4)).isEqualTo(Provisions.of(30, 1.5, 7, 1, 2, 4)).isEqualTo(new Provisions(37, 10));
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> LongWatching.of(List.of(at(2, Seen.CALM)), 60)).withMessageContaining("120, was 60");
        assertThatIllegalArgumentException().isThrownBy(() -> new Moment(-1, Seen.CALM)).withMessageContaining("-1");
        assertThatIllegalArgumentException().isThrownBy(() -> Traffic.of(-1, 5)).withMessageContaining("-1");
        assertThatIllegalArgumentException().isThrownBy(() -> Traffic.of(1, 0));
        assertThatIllegalArgumentException().isThrownBy(() -> Provisions.of(10, 0.5, 0, 0, 0, 1)).withMessageContaining("0.5");
        assertThatIllegalArgumentException().isThrownBy(() -> Provisions.of(10, 1, 0, 0, 0, 0));
    }

    @Test
    void twoToTenMinutesBetweenTwoSuit() {
        assertThat(Traffic.of(6, 10)).isEqualTo(Traffic.TOO_BUSY);
        assertThat(Traffic.of(5, 10)).isEqualTo(Traffic.SUITS);
        assertThat(Traffic.of(1, 10)).isEqualTo(Traffic.SUITS);
        assertThat(Traffic.of(1, 10.5)).isEqualTo(Traffic.TOO_EMPTY);
        assertThat(Traffic.of(0, 10)).isEqualTo(Traffic.TOO_EMPTY);
    }

    @Test
    void provisionsAreIdlePiecesPassersAndJackpots() {
        Provisions p = Provisions.of(45, 1.5, 10, 2, 3, 4);
        assertThat(p).isEqualTo(new Provisions(30 + 20 + 15, 17));
        assertThat(p.missing(60)).isEqualTo(5);
        assertThat(p.missing(65)).isZero();
        assertThat(Provisions.of(10, 2, 0, 5, 0, 5)).as("nobody comes: nothing for them").isEqualTo(new Provisions(5, 1));
    }
}

package cahier.core.coach;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.core.Vectors;
import cahier.core.rest.Work;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class EarlySignTest {

    static Stream<JsonNode> cases() {
        return Vectors.cases("signs.json");
    }

    @ParameterizedTest
    @MethodSource("cases")
    void aSecondLookAwayIsABreak(JsonNode given) {
        List<EarlySign> seen = new ArrayList<>();
        given.get("seen").forEach(s -> seen.add(EarlySign.valueOf(s.asText())));
        assertThat(EarlySign.isBreak(seen)).as(given.toString()).isEqualTo(given.get("expect").asBoolean());
    }

    @Test
    void noPageShowsMoreThanSix() {
        for (Work work : Work.values()) {
            assertThat(EarlySign.of(work)).hasSizeLessThanOrEqualTo(6).doesNotHaveDuplicates();
        }
        assertThat(EarlySign.of(Work.EXPOSURE)).doesNotContain(EarlySign.LOOKED_AWAY);
        assertThat(EarlySign.areMany(3)).isFalse();
        assertThat(EarlySign.areMany(4)).isTrue();
    }
}

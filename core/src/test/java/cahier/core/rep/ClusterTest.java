package cahier.core.rep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import cahier.core.Rehearsed;
import cahier.core.Vectors;
import cahier.core.rep.Cluster.Kind;
import cahier.core.rep.Cluster.Trial;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntToDoubleFunction;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Where misses cluster is found, and chance is not taken for it. */
class ClusterTest {

    private static final int DOGS = 500;

    static Stream<JsonNode> clusters() {
        return Vectors.cases("cluster.json");
    }

    @ParameterizedTest
    @MethodSource("clusters")
    void workedCasesHold(JsonNode given) {
        List<Trial> trials = new ArrayList<>();
        given.get("sessions").forEach(s -> {
            for (int i = 0; i < s.get("outcomes").size(); i++) {
                trials.add(new Trial(i + 1, s.get("hour").asInt(), s.path("reward").asText(), s.path("hand").asText(), s.path("ready").asText(), s.path("felt").asText(), s.get("outcomes").get(i).asText().equals("CLEAN")));
            }
        });
        Optional<Cluster> found = Cluster.of(trials);
        JsonNode expected = given.get("expect");
        assertThat(found.isPresent()).isEqualTo(!expected.isNull());
        found.ifPresent(c -> {
            assertThat(c).usingRecursiveComparison().ignoringFields("probability")
                    .isEqualTo(new Cluster(Kind.valueOf(expected.get("kind").asText()), expected.get("part").asText(), expected.get("off").asInt(), expected.get("reps").asInt(),
                            expected.get("elsewhereOff").asInt(), expected.get("elsewhere").asInt(), 0));
            assertThat(c.probability()).isCloseTo(expected.get("probability").asDouble(), within(1e-5));
        });
    }

    /** Ten sessions of ten reps at odd hours, paid with one of two rewards; the rate hangs on the number of the rep alone. */
    private static List<Trial> dog(IntToDoubleFunction rate, long seed) {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        List<Trial> trials = new ArrayList<>();
        for (int session = 0; session < 10; session++) {
            int hour = random.nextInt(7, 22);
            String reward = random.nextBoolean() ? "chicken" : "kibble";
            for (int n = 1; n <= 10; n++) {
                trials.add(new Trial(n, hour, reward, "", "", random.nextDouble() < rate.applyAsDouble(n)));
            }
        }
        return trials;
    }

    private static String row(String name, IntToDoubleFunction rate) {
        int late = 0;
        int other = 0;
        for (long seed = 0; seed < DOGS; seed++) {
            Optional<Cluster> found = Cluster.of(dog(rate, seed));
            late += found.filter(c -> c.kind() == Kind.LATE).isPresent() ? 1 : 0;
            other += found.filter(c -> c.kind() != Kind.LATE).isPresent() ? 1 : 0;
        }
        return "| " + name + " | " + late + " | " + other + " |";
    }

    @Test
    void theTableInTheRulesIsWhatTheRulesDo() throws IOException {
        List<String> table = List.of(row("7 in 10 throughout", n -> 0.7), row("9 in 10, from the sixth rep on 6 in 10", n -> n < 6 ? 0.9 : 0.6), row("9 in 10, from the sixth rep on 4 in 10", n -> n < 6 ? 0.9 : 0.4));
        Rehearsed.rows("late misses", table);
    }
}

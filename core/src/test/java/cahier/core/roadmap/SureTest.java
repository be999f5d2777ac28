package cahier.core.roadmap;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.core.rep.Outcome;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SureTest {

    private static final Map<Integer, Outcome> LETTERS = Map.of((int) 'c', Outcome.CLEAN, (int) 'h', Outcome.HELPED, (int) 'm', Outcome.MISSED, (int) 't', Outcome.TOO_MUCH);

    @ParameterizedTest
    @CsvSource({"cccccccccc, true", "cccccccchm, true", "hmcccccccc, true", "ccccccchhm, false", "ccccccccc, false", "'', false",
        "hhhccccccccccc, false", "hhccccccccttttttt, true"})
    void eightOfTheLastTenCleanIsSure(String newestFirst, boolean sure) {
        List<Outcome> work = newestFirst.chars().mapToObj(LETTERS::get).toList();
        assertThat(Sure.of(work)).isEqualTo(sure);
    }
}

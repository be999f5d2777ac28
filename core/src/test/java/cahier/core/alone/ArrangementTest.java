package cahier.core.alone;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ArrangementTest {

    /** Of a watch of so many seconds so many distressed, from its first second on. */
    private static AloneReading watch(double seconds, double distressed) {
        return AloneReading.of(distressed == 0 ? List.of() : List.of(new Spell(0, distressed)), seconds);
    }

    @ParameterizedTest
    @CsvSource({"40, 30", "30, 20", "90, 80"})
    void exactlyATenthApartIsNoTie(double worse, double better) {
        assertThat(Arrangement.of(watch(100, worse), false, watch(100, better), false, true)).isEqualTo(new Arrangement(Arrangement.Which.SECOND, Arrangement.Why.LESS_DISTRESS));
        assertThat(Arrangement.of(watch(100, better), false, watch(100, worse), false, false)).isEqualTo(new Arrangement(Arrangement.Which.FIRST, Arrangement.Why.LESS_DISTRESS));
        assertThat(Arrangement.of(watch(100, worse - 1), false, watch(100, better), false, true)).isEqualTo(new Arrangement(Arrangement.Which.FIRST, Arrangement.Why.ENTERS_BY_ITSELF));
    }
}

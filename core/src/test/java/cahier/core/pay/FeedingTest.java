package cahier.core.pay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Food that fades is still drawn, so that the dog cannot know when. */
class FeedingTest {

    private static final int REPS = 4000;

    @ParameterizedTest
    @CsvSource({"EVERY_TIME, 1, 0", "EVERY_OTHER, 0.57, 2", "NOW_AND_THEN, 0.28, 7", "NONE, 0, 4000"})
    void itIsAsOftenAsItSaysAndNeverLongWithout(Feeding feeding, double share, int longest) {
        List<Boolean> drawn = feeding.draw(REPS, 7);
        assertThat((double) drawn.stream().filter(p -> p).count() / REPS).isCloseTo(share, within(0.03));
        int without = 0;
        int most = 0;
        for (boolean paid : drawn) {
            without = paid ? 0 : without + 1;
            most = Math.max(most, without);
        }
        assertThat(most).isEqualTo(longest);
    }

    @Test
    void theSameSeedDrawsTheSameAndAnotherSeedDoesNot() {
        assertThat(Feeding.NOW_AND_THEN.draw(50, 3)).isEqualTo(Feeding.NOW_AND_THEN.draw(50, 3)).isNotEqualTo(Feeding.NOW_AND_THEN.draw(50, 4));
        assertThat(Feeding.EVERY_OTHER.draw(0, 3)).isEmpty();
    }

    @Test
    void itFadesOneStageAfterTheOther() {
        assertThat(Feeding.EVERY_OTHER.downTo(Feeding.NONE)).containsExactly(Feeding.EVERY_OTHER, Feeding.NOW_AND_THEN, Feeding.NONE);
        assertThatThrownBy(() -> Feeding.NOW_AND_THEN.downTo(Feeding.EVERY_OTHER)).hasMessage("must be rarer than NOW_AND_THEN, was EVERY_OTHER");
        assertThatThrownBy(() -> Feeding.NONE.downTo(Feeding.NONE)).hasMessageContaining("must be rarer");
    }

    @Test
    void piecesAreRoundedUp() {
        assertThat(List.of(Feeding.EVERY_TIME.pieces(7), Feeding.EVERY_OTHER.pieces(7), Feeding.NOW_AND_THEN.pieces(7), Feeding.NONE.pieces(7))).containsExactly(7, 4, 2, 0);
    }
}

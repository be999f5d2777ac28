package cahier.core.climb;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.core.climb.Between.Asks;
import cahier.core.climb.Between.Change;
import cahier.core.climb.Between.Criterion;
import cahier.core.climb.Between.Harder;
import cahier.core.rep.Aid;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BetweenTest {

    private static final Asks UPPER = asks("hall", 1, 4.0, 40.0, "the bell", "", 1, Aid.HAND, "mat", List.of("knock", "open"));

    private static Asks asks(String place, int difficulty, Double metres, Double seconds, String distraction, String company, int helper, Aid aid, String word, List<String> events) {
        return new Asks(place, difficulty < 0 ? OptionalInt.empty() : OptionalInt.of(difficulty), metres, seconds, distraction, company, helper, aid, word, events, 0);
    }

    private static Change of(Criterion criterion, Asks between, Harder distance) {
        return Between.compare(between, UPPER, distance).get(criterion);
    }

    @ParameterizedTest
    @CsvSource({"hall, 1, SAME", "Hall, 1, SAME", "kitchen, 0, EASIER", "landing, 3, HARDER", "porch, 1, OTHER", "nowhere known, -1, OTHER"})
    void aPlaceByItsDifficulty(String place, int difficulty, Change change) {
        assertThat(of(Criterion.PLACE, asks(place, difficulty, 4.0, 40.0, "the bell", "", 1, Aid.HAND, "mat", UPPER.events()), Harder.UNKNOWN)).isEqualTo(change);
    }

    @ParameterizedTest
    @CsvSource({"3, FURTHER, EASIER", "5, FURTHER, HARDER", "3, NEARER, HARDER", "5, NEARER, EASIER", "3, UNKNOWN, OTHER", "4, NEARER, SAME", ", FURTHER, OTHER"})
    void aDistanceByTheWayOfItsTrack(Double metres, Harder harder, Change change) {
        assertThat(of(Criterion.DISTANCE, asks("hall", 1, metres, 40.0, "the bell", "", 1, Aid.HAND, "mat", UPPER.events()), harder)).isEqualTo(change);
    }

    @ParameterizedTest
    @CsvSource({"40, HAND, 1, mat, 'the bell', SAME, SAME, SAME, SAME, SAME", "20, FULL_LURE, 0, '', '', EASIER, EASIER, EASIER, EASIER, EASIER", "41, PROP, 2, mat now, the door, HARDER, HARDER, HARDER, OTHER, OTHER",
        ", HAND, 1, mat, 'the bell', EASIER, SAME, SAME, SAME, SAME"})
    void theRestByMoreAndLess(Double seconds, Aid aid, int helper, String word, String distraction, Change duration, Change help, Change company, Change said, Change distracts) {
        Map<Criterion, Change> changes = Between.compare(asks("hall", 1, 4.0, seconds, distraction, "", helper, aid, word, UPPER.events()), UPPER, Harder.UNKNOWN);
        assertThat(List.of(changes.get(Criterion.DURATION), changes.get(Criterion.AID), changes.get(Criterion.HELPER), changes.get(Criterion.WORD), changes.get(Criterion.DISTRACTION)))
                .containsExactly(duration, help, company, said, distracts);
    }

    @Test
    void aChainWithFewerEventsIsEasier() {
        assertThat(of(Criterion.CHAIN, asks("hall", 1, 4.0, 40.0, "the bell", "", 1, Aid.HAND, "mat", List.of("knock")), Harder.UNKNOWN)).isEqualTo(Change.EASIER);
        assertThat(of(Criterion.CHAIN, asks("hall", 1, 4.0, 40.0, "the bell", "", 1, Aid.HAND, "mat", List.of("knock", "open", "greet")), Harder.UNKNOWN)).isEqualTo(Change.HARDER);
        assertThat(of(Criterion.CHAIN, asks("hall", 1, 4.0, 40.0, "the bell", "", 1, Aid.HAND, "mat", List.of("open", "knock")), Harder.UNKNOWN)).isEqualTo(Change.OTHER);
    }

    @Test
    void foodMoreOftenIsEasier() {
        Asks fading = new Asks("hall", OptionalInt.of(1), 4.0, 40.0, "the bell", "", 1, Aid.HAND, "mat", UPPER.events(), 2);
        assertThat(Between.compare(UPPER, fading, Harder.UNKNOWN)).containsEntry(Criterion.FOOD, Change.EASIER);
        assertThat(Between.harder(Between.compare(fading, UPPER, Harder.UNKNOWN))).containsExactly(Criterion.FOOD);
    }

    @Test
    void unchangedIsSaidAndSoIsWhatIsHarder() {
        assertThat(Between.isUnchanged(Between.compare(UPPER, UPPER, Harder.FURTHER))).isTrue();
        Map<Criterion, Change> worse = Between.compare(asks("hall", 1, 5.0, 60.0, "the bell", "", 1, Aid.FULL_LURE, "mat", UPPER.events()), UPPER, Harder.FURTHER);
        assertThat(Between.isUnchanged(worse)).isFalse();
        assertThat(Between.harder(worse)).containsExactly(Criterion.DISTANCE, Criterion.DURATION);
        Asks alone = asks("hall", 1, null, null, "", "lead slack", 0, Aid.NONE, "", List.of());
        assertThat(Between.harder(Between.compare(UPPER, alone, Harder.FURTHER))).containsExactly(Criterion.DURATION, Criterion.DISTRACTION, Criterion.HELPER, Criterion.WORD, Criterion.CHAIN);
    }

    @Test
    void theWayOfATrackIsReadOffItsSteps() {
        assertThat(Between.direction(List.of(1.0, 2.0, 2.0, 5.0))).isEqualTo(Harder.FURTHER);
        assertThat(Between.direction(List.of(30.0, 25.0, 25.0))).isEqualTo(Harder.NEARER);
        assertThat(Between.direction(List.of(1.0, 5.0, 2.0))).isEqualTo(Harder.UNKNOWN);
        assertThat(Between.direction(List.of(3.0))).isEqualTo(Harder.UNKNOWN);
    }
}

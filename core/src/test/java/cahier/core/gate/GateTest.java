package cahier.core.gate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import cahier.core.gate.Gate.Clearance;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class GateTest {

    private static final LocalDate DAY = LocalDate.of(2026, 6, 18);

    private static Gate raised(RedFlag flag) {
        return new Gate(flag, DAY, Optional.empty());
    }

    private static Clearance by(Profession profession, LocalDate on) {
        return new Clearance(profession, "Larch Street Practice", on, "");
    }

    @ParameterizedTest
    @CsvSource({"BITE, PEOPLE DOGS HANDLING ITEMS", "CHILD_THREATENED, PEOPLE HANDLING ITEMS", "PAIN, BODY HANDLING", "SELF_INJURY, ALONE NOISE",
        "PANIC_ALONE, ALONE", "SUDDEN_CHANGE, BODY ITEMS PEOPLE DOGS HANDLING ALONE NOISE"})
    void aFlagShutsTheTopicsItConcernsAndNoOther(RedFlag flag, String topics) {
        Set<Topic> shut = EnumSet.noneOf(Topic.class);
        for (String topic : topics.split(" ")) {
            shut.add(Topic.valueOf(topic));
        }
        for (Topic topic : Topic.values()) {
            assertThat(Gate.shutting(List.of(raised(flag)), topic)).as(topic.name()).isEqualTo(shut.contains(topic) ? List.of(flag) : List.of());
        }
    }

    @ParameterizedTest
    @EnumSource(RedFlag.class)
    void everydayWorkGoesOnWhateverTheFlag(RedFlag flag) {
        assertThat(Gate.shutting(List.of(raised(flag)), Topic.EVERYDAY)).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(RedFlag.class)
    void theNamedProfessionOpensItAndNoOther(RedFlag flag) {
        for (Profession profession : Profession.values()) {
            if (flag.clearedBy().contains(profession)) {
                assertThat(new Gate(flag, DAY, Optional.of(by(profession, DAY))).isShut()).isFalse();
            } else {
                assertThatThrownBy(() -> new Gate(flag, DAY, Optional.of(by(profession, DAY))))
                        .hasMessage("by must be one of " + flag.clearedBy().stream().sorted().toList() + " for " + flag + ", was " + profession);
            }
        }
    }

    @Test
    void aClearanceBeforeTheFlagOrByNobodyIsRefused() {
        assertThatThrownBy(() -> new Gate(RedFlag.PAIN, DAY, Optional.of(by(Profession.VET, DAY.minusDays(1)))))
                .hasMessage("on must not be before the flag was raised on 2026-06-18, was 2026-06-17");
        assertThatThrownBy(() -> new Clearance(Profession.VET, " ", DAY, "")).hasMessage("name must not be blank, was “ ”");
    }

    @Test
    void twoFlagsThatShutOneTopicMustBothBeCleared() {
        Gate cleared = new Gate(RedFlag.PAIN, DAY, Optional.of(by(Profession.VET, DAY)));
        assertThat(Gate.shutting(List.of(cleared, raised(RedFlag.BITE), raised(RedFlag.BITE)), Topic.HANDLING)).containsExactly(RedFlag.BITE);
    }

    private static Danger.Home home(int dogs, boolean children, boolean line, boolean harness, Set<Mover> movers, Set<Topic> topics, Set<RedFlag> flags) {
        return new Danger.Home(dogs, children, line, harness, movers, topics, flags);
    }

    @Test
    void aQuietHouseholdWithOneDogHasNoDangerToSeeTo() {
        assertThat(Danger.of(home(1, false, true, true, Set.of(Mover.OVEREXCITED, Mover.TRAINED), Set.of(Topic.EVERYDAY), Set.of(RedFlag.PAIN)))).isEmpty();
        assertThat(Danger.of(home(0, true, false, false, Set.of(), Set.of(), Set.of()))).isEmpty();
    }

    @Test
    void theMostUrgentStandsFirst() {
        assertThat(Danger.of(home(2, true, true, false, Set.of(Mover.CHASING, Mover.AFRAID), Set.of(Topic.ALONE), Set.of(RedFlag.CHILD_THREATENED))))
                .containsExactly(Danger.APART, Danger.SUPERVISE_CHILDREN, Danger.NOT_ALONE, Danger.UNCOUPLE, Danger.HARNESS_FOR_LINE, Danger.FENCE, Danger.SCREEN);
    }

    @Test
    void eachDangerHasItsOwnReason() {
        assertThat(Danger.of(home(1, false, true, false, Set.of(), Set.of(), Set.of()))).containsExactly(Danger.HARNESS_FOR_LINE);
        assertThat(Danger.of(home(1, false, false, false, Set.of(Mover.STARTLED), Set.of(), Set.of()))).containsExactly(Danger.SCREEN);
        assertThat(Danger.of(home(1, false, false, false, Set.of(), Set.of(), Set.of(RedFlag.SELF_INJURY)))).containsExactly(Danger.NOT_ALONE);
        assertThat(Danger.of(home(1, false, false, false, Set.of(), Set.of(), Set.of(RedFlag.BITE)))).containsExactly(Danger.APART);
    }
}

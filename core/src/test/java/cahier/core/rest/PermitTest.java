package cahier.core.rest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import cahier.core.decide.Cause;
import cahier.core.decide.TrackKind;
import cahier.core.gate.RedFlag;
import cahier.core.gate.Topic;
import cahier.core.rest.Permit.Verdict;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One answer to "may this be practised, and which step". */
class PermitTest {

    private static final List<Optional<Cause>> CAUSES = Stream.concat(Stream.of(Optional.<Cause>empty()), Arrays.stream(Cause.values()).map(Optional::of)).toList();

    /** Every combination there is of everything that counts, the flags one at a time: 1.4 million. */
    @Test
    void theWholeMatrixIsAnsweredByTheRules() {
        List<Set<RedFlag>> flags = new ArrayList<>(List.of(Set.of()));
        Arrays.stream(RedFlag.values()).forEach(f -> flags.add(Set.of(f)));
        int seen = 0;
        for (Work work : Work.values()) {
            for (Topic topic : Topic.values()) {
                for (TrackKind kind : TrackKind.values()) {
                    for (int asked = 0; asked < (work == Work.STEP ? 3 : 1); asked++) {
                        for (int standing = 0; standing < (work == Work.STEP ? 3 : 1); standing++) {
                            for (Set<RedFlag> some : flags) {
                                for (Optional<Cause> cause : CAUSES) {
                                    for (Handler handler : Handler.values()) {
                                        for (int bits = 0; bits < 64; bits++) {
                                            holds(new Situation(work, topic, kind, some, bit(bits, 0), cause, bit(bits, 1), bit(bits, 2), bit(bits, 3) ? 1 : 0, bit(bits, 4), bit(bits, 5), handler,
                                                    asked, standing));
                                            seen++;
                                        }
                                    }
                                }
                            }
                        }
                    }
                }
            }
        }
        assertThat(seen).isEqualTo((9 + 5) * 8 * 2 * 7 * 17 * 4 * 64);
    }

    private static boolean bit(int bits, int n) {
        return (bits >> n & 1) == 1;
    }

    /** The rule said once more, the other way round: from what must never be. */
    private static void holds(Situation s) {
        Permit permit = Permit.of(s);
        boolean child = s.handler() == Handler.CHILD_WITH_ADULT || s.handler() == Handler.CHILD_ALONE;
        boolean shut = s.flags().stream().anyMatch(f -> s.work().topics(s.topic()).stream().anyMatch(f::shuts));
        boolean never = s.alarmOpen() || shut || s.rested() || s.parked() || s.unmetNeeds() > 0 || s.stoppedToday() || s.hot() || s.handler() == Handler.CHILD_ALONE || child && s.isForGrownUps()
                || s.open().filter(Cause.ALARM::equals).isPresent();
        boolean tooMuch = s.open().filter(c -> c == Cause.TOO_MUCH || c == Cause.TOO_MUCH_OFTEN || c == Cause.TOO_MUCH_AGAIN).isPresent();
        int most = tooMuch && s.asked() >= s.standing() ? s.standing() - 1 : Math.min(s.asked(), s.standing());
        boolean rests = never || s.work() != Work.STEP && tooMuch || s.work() == Work.STEP && most < 0;
        if (permit.isPractised() == rests || rests != permit.step().isEmpty() || !rests && permit.step().getAsInt() != (s.work() == Work.STEP ? most : 0)
                || permit.verdict() == Verdict.GO && permit.step().getAsInt() != s.asked() || permit.verdict() != Verdict.GO && permit.why().isEmpty()) {
            throw new AssertionError(s + " gave " + permit);
        }
    }

    @ParameterizedTest(name = "asked {0}, standing {1}, open {2}: {3}, step {4}, {5}")
    @CsvSource({
        "1, 1, ,                GO,     1, []",
        "1, 1, TOO_MUCH,        EASIER, 0, [TOO_MUCH]",
        "0, 0, TOO_MUCH,        REST,    , [TOO_MUCH]",
        "1, 1, LOW_RATE,        GO,     1, []",
        "1, 0, ,                EASIER, 0, [PUT_LOWER]",
        "1, 0, TOO_MUCH_AGAIN,  REST,    , '[TOO_MUCH, PUT_LOWER]'",
        "2, 1, TOO_MUCH_OFTEN,  EASIER, 0, '[TOO_MUCH, PUT_LOWER]'",
        "0, 1, TOO_MUCH,        GO,     0, []",
        "2, 3, ,                GO,     2, []",
        "1, 1, ALARM,           REST,    , [UNDECIDED]"})
    void whichStep(int asked, int standing, Cause open, Verdict verdict, Integer step, String why) {
        Permit permit = Permit.of(Situation.ofStep(Topic.EVERYDAY, TrackKind.SKILL, asked, standing).decided(Optional.ofNullable(open), false));
        assertThat(permit.verdict()).isEqualTo(verdict);
        assertThat(permit.step().isPresent() ? permit.step().getAsInt() : null).isEqualTo(step);
        assertThat(permit.why()).hasToString(why);
    }

    @Test
    void everyReasonIsNamedTheWeightiestFirst() {
        Situation worst = Situation.ofStep(Topic.DOGS, TrackKind.COMFORT, 0, 0).ofDog(Set.of(RedFlag.BITE), true).decided(Optional.of(Cause.ALARM), true).putOff(true, 2).today(true, true)
                .by(Handler.CHILD_ALONE);
        assertThat(Permit.of(worst).why()).containsExactly(Why.ALARM, Why.RED_FLAG, Why.RESTED, Why.UNDECIDED, Why.PARKED, Why.WAITS, Why.STOPPED_TODAY, Why.HEAT, Why.GROWN_UPS_ONLY, Why.ADULT_MISSING);
        assertThat(worst.shutBy()).containsExactly(RedFlag.BITE);
    }

    @ParameterizedTest
    @CsvSource({"STEP, EVERYDAY, SKILL, , false", "STEP, EVERYDAY, COMFORT, , false", "STEP, HANDLING, COMFORT, , true", "STEP, ALONE, COMFORT, , true", "STEP, PEOPLE, SKILL, , false",
        "STEP, PEOPLE, COMFORT, , true", "STEP, NOISE, COMFORT, , true", "STEP, HANDLING, SKILL, , true", "STEP, EVERYDAY, SKILL, CHILD_THREATENED, true", "STEP, EVERYDAY, SKILL, PAIN, false",
        "EXPOSURE, DOGS, COMFORT, , true", "TOUCH, HANDLING, COMFORT, , true", "DEPARTURE, ALONE, COMFORT, , true", "WATCHING, PEOPLE, COMFORT, , true", "WALK, EVERYDAY, COMFORT, , true"})
    void whatNoChildDoes(Work work, Topic topic, TrackKind kind, RedFlag flag, boolean forGrownUps) {
        Situation s = new Situation(work, topic, kind, flag == null ? Set.of() : Set.of(flag), false, Optional.empty(), false, false, 0, false, false, Handler.CHILD_WITH_ADULT, 0, 0);
        assertThat(s.isForGrownUps()).isEqualTo(forGrownUps);
    }

    @Test
    void agesDecideWhoNeedsAnAdultAndWhoIsOne() {
        assertThat(Handler.of(15, false)).isEqualTo(Handler.CHILD_ALONE);
        assertThat(Handler.of(15, true)).isEqualTo(Handler.CHILD_WITH_ADULT);
        assertThat(Handler.of(16, false)).isEqualTo(Handler.GROWN_UP);
        assertThat(Handler.of(null, false)).isEqualTo(Handler.GROWN_UP);
        assertThat(Handler.isAdult(17)).isFalse();
        assertThat(Handler.isAdult(18)).isTrue();
        assertThat(Handler.isAdult(null)).isTrue();
    }

    @Test
    void aSheetDoesNotAskWhatPassesByItself() {
        Situation step = Situation.ofStep(Topic.EVERYDAY, TrackKind.SKILL, 0, 0);
        assertThat(Permit.of(step.today(true, true)).restsForGood()).isFalse();
        assertThat(Permit.of(step.by(Handler.CHILD_ALONE)).restsForGood()).isFalse();
        assertThat(Permit.of(step.decided(Optional.empty(), true)).restsForGood()).isTrue();
        assertThat(Permit.of(step).restsForGood()).isFalse();
    }

    @Test
    void nonsenseIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> Situation.ofStep(Topic.BODY, TrackKind.SKILL, -1, 2)).withMessage("asked and standing must be 0 or more, were -1 and 2");
        assertThatIllegalArgumentException().isThrownBy(() -> Situation.ofStep(Topic.BODY, TrackKind.SKILL, 1, 2).putOff(false, -3)).withMessage("unmetNeeds must be 0 or more, was -3");
    }

    @Test
    void whatIsDoneBesideBelongsToItsTopic() {
        assertThat(Stream.of(Work.values()).filter(w -> w.belongsTo(Topic.DOGS))).containsExactly(Work.EXPOSURE, Work.WATCHING, Work.WALK);
        assertThat(Stream.of(Work.values()).filter(w -> w.belongsTo(Topic.ALONE))).containsExactly(Work.DEPARTURE);
        assertThat(Stream.of(Work.values()).filter(w -> w.belongsTo(Topic.HANDLING))).containsExactly(Work.TOUCH);
        assertThat(Stream.of(Work.values()).filter(w -> w.belongsTo(Topic.NOISE))).containsExactly(Work.EXPOSURE);
        assertThat(Stream.of(Work.values()).filter(w -> w.belongsTo(Topic.EVERYDAY))).isEmpty();
    }
}

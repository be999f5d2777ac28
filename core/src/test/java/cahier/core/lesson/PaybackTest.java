package cahier.core.lesson;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import cahier.core.lesson.Payback.Passage;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PaybackTest {

    private static final LocalDate DAY = LocalDate.of(2026, 6, 1);

    private static Passage passage(int day, double seconds) {
        return new Passage(DAY.plusDays(day), seconds);
    }

    private static Payback of(double spent, int today, Passage... passages) {
        return Payback.of(List.of(passages), Optional.empty(), 6, spent, DAY.plusDays(today)).orElseThrow();
    }

    @Test
    void aWeekIsSevenDaysFromTheFirstPassageAndSaysItsMiddle() {
        Payback p = of(10, 20, passage(0, 40), passage(6, 30), passage(7, 20), passage(13, 10), passage(13, 12));
        assertThat(p.weeks()).containsExactly(new Payback.Week(DAY, 35, 2), new Payback.Week(DAY.plusDays(7), 12, 3));
        assertThat(p.beforeS()).isEqualTo(35);
    }

    @Test
    void whatIsSavedADayAddsUpUntilItHasPaidForTheTeaching() {
        // From day 7 on 20 s less, six times a day: 2 minutes a day. 10 minutes are there on the fifth such day.
        Payback p = of(10, 8, passage(0, 30), passage(7, 10));
        assertThat(p.savedMinutes()).isEqualTo(4, within(1e-9));
        assertThat(p.paidOn()).contains(DAY.plusDays(11));
        assertThat(of(4, 30, passage(0, 30), passage(7, 10)).paidOn()).as("in the past").contains(DAY.plusDays(8));
        assertThat(of(4, 30, passage(0, 30), passage(7, 10)).savedMinutes()).isEqualTo(48, within(1e-9));
    }

    @Test
    void aPassageThatGotNoQuickerIsNotInSight() {
        assertThat(of(10, 30, passage(0, 20), passage(7, 25)).paidOn()).isEmpty();
        assertThat(of(0, 30, passage(0, 20)).paidOn()).as("nothing was saved").isEmpty();
        assertThat(of(1e6, 30, passage(0, 20), passage(7, 19)).paidOn()).as("not within three years").isEmpty();
    }

    @Test
    void whatTheTrainerSaysItTookBeforeStandsInPlaceOfTheFirstWeek() {
        Payback p = Payback.of(List.of(passage(0, 10)), Optional.of(70.0), 1, 3, DAY).orElseThrow();
        assertThat(p.savedMinutes()).isEqualTo(1);
        assertThat(p.paidOn()).contains(DAY.plusDays(2));
    }

    @Test
    void aQuickerPassageNeverPaysLater() {
        Stream.iterate(29.0, s -> s - 3).limit(9).reduce((slow, quick) -> {
            LocalDate later = of(60, 0, passage(0, 30), passage(7, slow)).paidOn().orElse(LocalDate.MAX);
            assertThat(of(60, 0, passage(0, 30), passage(7, quick)).paidOn()).hasValueSatisfying(d -> assertThat(d).isBeforeOrEqualTo(later));
            return quick;
        });
    }

    @Test
    void withoutAPassageNothingIsSaid() {
        assertThat(Payback.of(List.of(), Optional.empty(), 4, 10, DAY)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 51})
    void usesADayAreRefusedOutsideTheirRange(int uses) {
        assertThatThrownBy(() -> Payback.of(List.of(), Optional.empty(), uses, 1, DAY)).hasMessage("usesADay must be from 1 to 50, was " + uses);
    }

    @Test
    void otherNonsenseIsRefused() {
        assertThatThrownBy(() -> passage(0, 0)).hasMessage("seconds must be above 0, was 0.0");
        assertThatThrownBy(() -> Payback.of(List.of(), Optional.of(-1.0), 4, 1, DAY)).hasMessage("beforeS must be above 0, was -1.0");
        assertThatThrownBy(() -> Payback.of(List.of(), Optional.empty(), 4, Double.NaN, DAY)).hasMessage("spentMinutes must be 0 or more, was NaN");
        assertThat(IntStream.of(1, 50)).allSatisfy(u -> assertThat(Payback.of(List.of(), Optional.empty(), u, 0, DAY)).isEmpty());
    }

    @Test
    void aSittingLastsFromItsFirstRepToTheEndOfItsLast() {
        Instant six = Instant.parse("2026-06-18T18:00:00Z");
        assertThat(Payback.spentMinutes(List.of())).isZero();
        assertThat(Payback.spentMinutes(List.of(List.of()))).isZero();
        assertThat(Payback.spentMinutes(List.of(List.of(six)))).isEqualTo(0.5);
        assertThat(Payback.spentMinutes(List.of(List.of(six.plusSeconds(90), six, six.plusSeconds(30)), List.of(six)))).isEqualTo(2.5);
    }
}

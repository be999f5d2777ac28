package cahier.core.week;

import static cahier.core.week.Weeks.DELE;
import static cahier.core.week.Weeks.MARIT;
import static cahier.core.week.Weeks.NOOR;
import static cahier.core.week.Weeks.adult;
import static cahier.core.week.Weeks.at;
import static cahier.core.week.Weeks.busyAt;
import static cahier.core.week.Weeks.calm;
import static cahier.core.week.Weeks.child;
import static cahier.core.week.Weeks.daily;
import static cahier.core.week.Weeks.done;
import static cahier.core.week.Weeks.dose;
import static cahier.core.week.Weeks.lasting;
import static cahier.core.week.Weeks.on;
import static cahier.core.week.Weeks.outdoors;
import static cahier.core.week.Weeks.sure;
import static cahier.core.week.Weeks.with;
import static org.assertj.core.api.Assertions.assertThat;

import ai.timefold.solver.test.api.score.stream.ConstraintVerifier;
import java.util.List;
import org.junit.jupiter.api.Test;

class WeekRulesTest {

    private static final ConstraintVerifier<WeekRules, Timetable> VERIFIER = ConstraintVerifier.build(new WeekRules(), Timetable.class, TrackSession.class);

    private final Someone dele = adult(DELE, daily(8, 9));
    private final Someone marit = adult(MARIT, daily(8, 12));
    private final Someone noor = child(NOOR, daily(8, 14));
    private final Week week = new Week(0, List.of(dele, marit, noor), List.of(on(0, 8, 9)), List.of(), List.of(on(0, 10, 12)), List.of(on(0, 8, 10)), 30, List.of(), List.of(), List.of());
    private int ids;

    private TrackSession exercise(Dose dose, Someone who, int start) {
        return new TrackSession(ids++, dose).at(new Openings(week).at(1000 + ids, who, start));
    }

    private TrackSession leftOut(Dose dose) {
        return new TrackSession(ids++, dose);
    }

    @Test
    void theHandlerHasTimeForAllOfIt() {
        VERIFIER.verifyThat(WeekRules::personFree).given(exercise(dose(1, 1, 1), dele, at(0, 8, 50)), exercise(lasting(15, dose(2, 1, 1)), dele, at(0, 8, 50))).penalizesBy(10);
        VERIFIER.verifyThat(WeekRules::personFree).given(exercise(lasting(15, dose(2, 1, 1)), dele, at(0, 8, 45))).penalizesBy(0);
        VERIFIER.verifyThat(WeekRules::personFree).given(exercise(dose(2, 1, 1), dele, at(0, 12, 0))).penalizesBy(5);
    }

    @Test
    void oneSessionHasOneHandler() {
        VERIFIER.verifyThat(WeekRules::oneHandler).given(exercise(dose(1, 1, 1), dele, at(0, 8, 0)), exercise(dose(2, 1, 1), marit, at(0, 8, 0))).penalizesBy(1);
        VERIFIER.verifyThat(WeekRules::oneHandler).given(exercise(dose(1, 1, 1), dele, at(0, 8, 0)), exercise(dose(2, 2, 1), marit, at(0, 8, 0)), exercise(dose(2, 1, 1), marit, at(1, 8, 0))).penalizesBy(0);
    }

    @Test
    void aStepThatNeedsASecondPersonHasOne() {
        VERIFIER.verifyThat(WeekRules::company).given(exercise(with(Company.HOUSEHOLD, dose(1, 1, 1)), noor, at(0, 11, 58))).penalizesBy(3);
        VERIFIER.verifyThat(WeekRules::company).given(exercise(with(Company.HOUSEHOLD, dose(1, 1, 1)), noor, at(0, 8, 0))).penalizesBy(0);
        VERIFIER.verifyThat(WeekRules::company).given(exercise(with(Company.FRIEND, dose(1, 1, 1)), dele, at(1, 8, 0))).penalizesBy(5);
        VERIFIER.verifyThat(WeekRules::company).given(exercise(with(Company.FRIEND, dose(1, 1, 1)), dele, at(0, 8, 0))).penalizesBy(0);
        VERIFIER.verifyThat(WeekRules::company).given(exercise(with(Company.STRANGER, dose(1, 1, 1)), dele, at(0, 8, 0))).penalizesBy(5);
    }

    @Test
    void aChildPractisesWithAnAdultAtHand() {
        VERIFIER.verifyThat(WeekRules::adult).given(exercise(dose(1, 1, 1), noor, at(0, 13, 0))).penalizesBy(5);
        VERIFIER.verifyThat(WeekRules::adult).given(exercise(dose(1, 1, 1), noor, at(0, 11, 0)), exercise(dose(1, 1, 1), dele, at(0, 13, 0))).penalizesBy(0);
    }

    @Test
    void oneDogAtATime() {
        VERIFIER.verifyThat(WeekRules::oneDog).given(exercise(lasting(10, dose(1, 1, 1)), dele, at(0, 8, 0)), exercise(dose(2, 2, 1), marit, at(0, 8, 7))).penalizesBy(3);
        VERIFIER.verifyThat(WeekRules::oneDog).given(exercise(dose(1, 1, 1), dele, at(0, 8, 0)), exercise(dose(2, 2, 1), marit, at(0, 8, 5))).penalizesBy(0);
    }

    @Test
    void aDogRestsNinetyMinutesBetweenItsSessions() {
        VERIFIER.verifyThat(WeekRules::rest).given(exercise(dose(1, 1, 1), marit, at(0, 8, 0)), exercise(dose(2, 1, 1), marit, at(0, 9, 30))).penalizesBy(5);
        VERIFIER.verifyThat(WeekRules::rest).given(exercise(dose(1, 1, 1), marit, at(0, 8, 0)), exercise(dose(2, 1, 1), marit, at(0, 9, 35)), exercise(dose(3, 2, 1), marit, at(0, 8, 30))).penalizesBy(0);
    }

    @Test
    void aTrackComesOnceInASession() {
        VERIFIER.verifyThat(WeekRules::once).given(exercise(dose(1, 1, 2), marit, at(0, 8, 0)), exercise(dose(1, 1, 2), marit, at(0, 8, 0))).penalizesBy(1);
        VERIFIER.verifyThat(WeekRules::once).given(exercise(dose(1, 1, 2), marit, at(0, 8, 0)), exercise(dose(2, 1, 2), marit, at(0, 8, 0))).penalizesBy(0);
    }

    @Test
    void noSessionIsLongerThanItsLongestStepOrTheDogsSpan() {
        VERIFIER.verifyThat(WeekRules::limit).given(exercise(dose(1, 1, 1), marit, at(0, 8, 0)), exercise(lasting(8, dose(2, 1, 1)), marit, at(0, 8, 0))).penalizesBy(3);
        VERIFIER.verifyThat(WeekRules::limit).given(exercise(dose(1, 1, 1), marit, at(0, 8, 0)), exercise(dose(2, 1, 1), marit, at(0, 8, 0))).penalizesBy(0);
        VERIFIER.verifyThat(WeekRules::limit).given(exercise(lasting(180, dose(1, 1, 1)), marit, at(0, 8, 0))).penalizesBy(0);
    }

    @Test
    void keptApartNeverShareASession() {
        VERIFIER.verifyThat(WeekRules::apart).given(new Week.Apart(1, 2), exercise(dose(1, 1, 1), marit, at(0, 8, 0)), exercise(dose(2, 1, 1), marit, at(0, 8, 0))).penalizesBy(1);
        VERIFIER.verifyThat(WeekRules::apart).given(new Week.Apart(1, 2), exercise(dose(1, 1, 1), marit, at(0, 8, 0)), exercise(dose(3, 1, 1), marit, at(0, 8, 0)), exercise(dose(2, 1, 1), marit, at(1, 8, 0)))
                .penalizesBy(0);
    }

    @Test
    void noOutdoorStepInTheHeat() {
        VERIFIER.verifyThat(WeekRules::heat).given(exercise(outdoors(dose(1, 1, 1)), marit, at(0, 9, 58))).penalizesBy(3);
        VERIFIER.verifyThat(WeekRules::heat).given(exercise(dose(1, 1, 1), marit, at(0, 11, 0)), exercise(outdoors(dose(2, 1, 1)), noor, at(0, 12, 0))).penalizesBy(0);
    }

    @Test
    void notMoreThanTheDoseOnADayAndWhatWasDoneTodayCounts() {
        VERIFIER.verifyThat(WeekRules::dose).given(exercise(dose(1, 1, 1), marit, at(1, 8, 0)), exercise(dose(1, 1, 1), marit, at(1, 10, 0)), exercise(dose(1, 1, 1), marit, at(1, 11, 50))).penalizesBy(2);
        VERIFIER.verifyThat(WeekRules::dose).given(exercise(done(1, dose(1, 1, 2)), marit, at(0, 8, 0)), exercise(done(1, dose(1, 1, 2)), marit, at(0, 10, 0))).penalizesBy(1);
        VERIFIER.verifyThat(WeekRules::dose).given(exercise(done(1, dose(1, 1, 2)), marit, at(1, 8, 0)), exercise(done(1, dose(1, 1, 2)), marit, at(1, 10, 0))).penalizesBy(0);
    }

    @Test
    void notMoreMinutesThanTheHouseholdHas() {
        VERIFIER.verifyThat(WeekRules::minutes).given(new WeekRules.Minutes(20, 5), exercise(lasting(15, dose(1, 1, 1)), marit, at(0, 8, 0)), exercise(lasting(10, dose(2, 2, 1)), marit, at(0, 10, 0))).penalizesBy(10);
        VERIFIER.verifyThat(WeekRules::minutes).given(new WeekRules.Minutes(20, 5), exercise(lasting(15, dose(1, 1, 1)), marit, at(0, 8, 0)), exercise(lasting(20, dose(2, 2, 1)), marit, at(1, 10, 0))).penalizesBy(0);
    }

    @Test
    void whatFindsNoTimeIsSharedEvenly() {
        Dose one = dose(1, 1, 2);
        Dose two = dose(2, 1, 2);
        VERIFIER.verifyThat(WeekRules::leftOut).given(leftOut(one), leftOut(one), exercise(two, marit, at(0, 8, 0))).penalizesBy(4);
        VERIFIER.verifyThat(WeekRules::leftOut).given(leftOut(one), leftOut(two)).penalizesBy(2);
    }

    @Test
    void dosesSpreadOverTheDays() {
        Dose twice = dose(1, 1, 2);
        VERIFIER.verifyThat(WeekRules::spread).given(exercise(twice, marit, at(0, 8, 0)), exercise(twice, marit, at(0, 10, 0))).penalizesBy(4 * WeekRules.SPREAD);
        VERIFIER.verifyThat(WeekRules::spread).given(exercise(twice, marit, at(0, 8, 0)), exercise(twice, marit, at(1, 10, 0))).penalizesBy(2 * WeekRules.SPREAD);
    }

    @Test
    void everyoneWhoHasTimeGetsATurn() {
        VERIFIER.verifyThat(WeekRules::turn).given(dele, marit, adult(9, List.of()), new Someone(10, false, true, daily(8, 9)), exercise(dose(1, 1, 1), marit, at(0, 8, 0))).penalizesBy(WeekRules.NO_TURN);
        VERIFIER.verifyThat(WeekRules::turn).given(dele, marit, exercise(dose(1, 1, 1), marit, at(0, 8, 0)), exercise(dose(1, 1, 1), dele, at(1, 8, 0))).penalizesBy(0);
    }

    @Test
    void calmStepsComeAfterAnOuting() {
        VERIFIER.verifyThat(WeekRules::calm).given(exercise(calm(dose(1, 1, 1)), marit, at(0, 8, 0))).penalizesBy(WeekRules.NOT_CALM);
        VERIFIER.verifyThat(WeekRules::calm).given(exercise(calm(dose(1, 1, 1)), marit, at(0, 10, 30)), exercise(dose(2, 1, 1), marit, at(0, 8, 0))).penalizesBy(0);
    }

    @Test
    void theHardestDoesNotBeginTheDay() {
        Dose hard = sure(0.3, dose(1, 1, 1));
        Dose easy = sure(0.9, dose(2, 1, 1));
        VERIFIER.verifyThat(WeekRules::hardest).given(exercise(hard, marit, at(0, 8, 0)).asHardest(true), exercise(easy, marit, at(0, 10, 0))).penalizesBy(WeekRules.HARDEST_FIRST);
        VERIFIER.verifyThat(WeekRules::hardest).given(exercise(hard, marit, at(0, 8, 0)).asHardest(true), exercise(easy, marit, at(0, 8, 0))).penalizesBy(0);
        VERIFIER.verifyThat(WeekRules::hardest).given(exercise(easy, marit, at(0, 8, 0)), exercise(hard, marit, at(0, 10, 0)).asHardest(true)).penalizesBy(0);
    }

    @Test
    void theHardestIsForASureHand() {
        Someone unsure = new Someone(MARIT, true, true, true, daily(8, 12));
        TrackSession hard = exercise(sure(0.3, dose(1, 1, 1)), unsure, at(0, 8, 0)).asHardest(true);
        VERIFIER.verifyThat(WeekRules::sureHand).given(unsure, dele, hard).penalizesBy(WeekRules.HARDEST_UNSURE);
        VERIFIER.verifyThat(WeekRules::sureHand).given(unsure, dele, exercise(sure(0.9, dose(2, 1, 1)), unsure, at(0, 8, 0))).penalizesBy(0);
        VERIFIER.verifyThat(WeekRules::sureHand).given(unsure, dele, exercise(sure(0.3, dose(1, 1, 1)), dele, at(0, 8, 0)).asHardest(true)).penalizesBy(0);
        VERIFIER.verifyThat(WeekRules::sureHand).given(marit, dele, hard).penalizesBy(0);
    }

    @Test
    void theHardestIsTheLeastSureOfADogThatHasASurerOne() {
        Dose hard = sure(0.3, dose(1, 1, 1));
        Dose easy = sure(0.9, dose(2, 1, 1));
        Dose only = sure(0.1, dose(3, 2, 1));
        Week both = Weeks.week(List.of(), hard, easy, only);
        assertThat(List.of(both.isHardest(hard), both.isHardest(easy), both.isHardest(only))).containsExactly(true, false, false);
    }

    @Test
    void aPlaceIsUsedInItsQuietHours() {
        VERIFIER.verifyThat(WeekRules::busy).given(exercise(busyAt(on(0, 8, 9), dose(1, 1, 1)), marit, at(0, 8, 58))).penalizesBy(WeekRules.BUSY);
        VERIFIER.verifyThat(WeekRules::busy).given(exercise(busyAt(on(0, 8, 9), dose(1, 1, 1)), marit, at(0, 9, 0))).penalizesBy(0);
    }

    @Test
    void asFewInterruptionsAsDo() {
        VERIFIER.verifyThat(WeekRules::sittings).given(exercise(dose(1, 1, 1), marit, at(0, 8, 0)), exercise(dose(2, 1, 1), marit, at(0, 8, 0)), exercise(dose(3, 1, 1), marit, at(1, 8, 0))).penalizesBy(2);
    }

    @Test
    void whatWasPlannedStaysWhereItWas() {
        Opening was = new Openings(week).at(1, marit, at(0, 8, 0));
        VERIFIER.verifyThat(WeekRules::steady).given(leftOut(dose(1, 1, 1)).from(was, false).at(new Openings(week).at(2, marit, at(0, 9, 0)))).penalizesBy(WeekRules.MOVED);
        VERIFIER.verifyThat(WeekRules::steady).given(leftOut(dose(1, 1, 1)).from(was, false), leftOut(dose(2, 1, 1))).penalizesBy(0);
    }
}

package cahier.core.week;

import static cahier.core.week.Weeks.DELE;
import static cahier.core.week.Weeks.MARIT;
import static cahier.core.week.Weeks.NOOR;
import static cahier.core.week.Weeks.adult;
import static cahier.core.week.Weeks.at;
import static cahier.core.week.Weeks.child;
import static cahier.core.week.Weeks.daily;
import static cahier.core.week.Weeks.dose;
import static cahier.core.week.Weeks.lasting;
import static cahier.core.week.Weeks.on;
import static cahier.core.week.Weeks.outdoors;
import static cahier.core.week.Weeks.week;
import static cahier.core.week.Weeks.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class WeekPlannerTest {

    private static final WeekPlanner PLANNER = new WeekPlanner(500, Duration.ofSeconds(60));

    private static Week withKept(Week w, Week.Kept... kept) {
        return new Week(w.now(), w.people(), w.withFriend(), w.withStranger(), w.hot(), w.walks(), w.minutesADay(), w.doses(), w.apart(), List.of(kept));
    }

    private static Week hot(Week w, List<Span> hot) {
        return new Week(w.now(), w.people(), w.withFriend(), w.withStranger(), hot, w.walks(), w.minutesADay(), w.doses(), w.apart(), w.kept());
    }

    private static Week minutes(Week w, int aDay) {
        return new Week(w.now(), w.people(), w.withFriend(), w.withStranger(), w.hot(), w.walks(), aDay, w.doses(), w.apart(), w.kept());
    }

    @Test
    void whatFitsIsPlannedInFull() {
        WeekPlan plan = PLANNER.plan(week(List.of(adult(DELE, daily(7, 9)), adult(MARIT, daily(18, 20))), dose(1, 1, 2), dose(2, 1, 2)));

        assertThat(plan.unmet()).isEmpty();
        assertThat(plan.score()).startsWith(0, 0);
        assertThat(plan.sessions()).hasSize(14).allSatisfy(s -> assertThat(s.tracks()).containsExactly(1L, 2L)).allSatisfy(s -> assertThat(s.broken()).isEmpty());
        assertThat(plan.sessions().stream().map(WeekPlan.Slot::personId).collect(Collectors.toSet())).containsExactlyInAnyOrder(DELE, MARIT);
    }

    @Test
    void theSameWeekGivesTheSamePlan() {
        assertThat(PLANNER.plan(Weeks.largest())).isEqualTo(PLANNER.plan(Weeks.largest()));
    }

    @Test
    void theLargestHouseholdBreaksNoRule() {
        WeekPlan plan = PLANNER.plan(Weeks.largest());

        assertThat(plan.score().get(0)).isZero();
        assertThat(plan.sessions()).hasSizeGreaterThan(40).allSatisfy(s -> assertThat(s.broken()).isEmpty());
    }

    @Test
    void whatIsWantedOnceIsPlannedOnceOnItsDay() {
        WeekPlan plan = PLANNER.plan(week(List.of(adult(DELE, daily(7, 9))), dose(1, 1, 2), dose(2, 1, 1).on(3)));

        assertThat(plan.unmet()).isEmpty();
        assertThat(plan.sessions().stream().filter(s -> s.tracks().contains(2L))).singleElement().satisfies(s -> assertThat(s.start() / Span.DAY).isEqualTo(3));
    }

    @Test
    void itBeginsFromNowAndCountsWhatWasDoneToday() {
        Week late = new Week(at(0, 19, 0), List.of(adult(DELE, daily(7, 20))), List.of(), List.of(), List.of(), List.of(), Week.ANY_MINUTES, List.of(Weeks.done(1, dose(1, 1, 2))), List.of(), List.of());

        WeekPlan plan = PLANNER.plan(late);

        assertThat(plan.unmet()).isEmpty();
        assertThat(plan.sessions()).hasSize(13);
        assertThat(plan.sessions().get(0).start()).isBetween(at(0, 19, 15), at(0, 19, 45));
    }

    @Test
    void aPinnedSessionStaysAndTheRestAdapts() {
        Week free = week(List.of(adult(DELE, daily(7, 9))), dose(1, 1, 1));
        WeekPlan plan = PLANNER.plan(withKept(free, new Week.Kept(1, DELE, at(2, 8, 10), true)));

        assertThat(plan.sessions()).hasSize(7).filteredOn(WeekPlan.Slot::pinned).singleElement()
                .satisfies(s -> assertThat(s.start()).isEqualTo(at(2, 8, 10))).satisfies(s -> assertThat(s.broken()).isEmpty());
    }

    @Test
    void aPinThatBreaksARuleStandsAndSaysWhich() {
        Week free = week(List.of(adult(DELE, daily(7, 9))), outdoors(dose(1, 1, 1)));
        WeekPlan plan = PLANNER.plan(withKept(hot(free, List.of(on(2, 12, 18))), new Week.Kept(1, DELE, at(2, 13, 0), true)));

        assertThat(plan.sessions()).filteredOn(WeekPlan.Slot::pinned).singleElement().satisfies(s -> assertThat(s.broken()).isEqualTo(Set.of(WeekRule.PERSON_FREE, WeekRule.HEAT)));
        assertThat(plan.sessions()).filteredOn(s -> !s.pinned()).hasSize(6).allSatisfy(s -> assertThat(s.broken()).isEmpty());
    }

    @Test
    void twoPinsOnADayThatAsksForOneSaySo() {
        Week free = week(List.of(adult(DELE, daily(7, 20))), dose(1, 1, 1));
        WeekPlan plan = PLANNER.plan(withKept(free, new Week.Kept(1, DELE, at(2, 8, 0), true), new Week.Kept(1, DELE, at(2, 12, 0), true)));

        assertThat(plan.sessions()).filteredOn(WeekPlan.Slot::pinned).hasSize(2).allSatisfy(s -> assertThat(s.broken()).containsExactly(WeekRule.DOSE));
    }

    @Test
    void whatWasPlannedStaysWhenNothingForbidsIt() {
        Week free = week(List.of(adult(DELE, daily(7, 9))), dose(1, 1, 1));
        WeekPlan plan = PLANNER.plan(withKept(free, new Week.Kept(1, DELE, at(3, 7, 45), false)));

        assertThat(plan.sessions()).extracting(WeekPlan.Slot::start).contains(at(3, 7, 45));
    }

    @Test
    void anEmptyHouseholdIsNoError() {
        assertThat(PLANNER.plan(week(List.of()))).isEqualTo(new WeekPlan(List.of(), List.of(), List.of(0, 0, 0)));
    }

    @Test
    void withoutFreeTimeItSaysSo() {
        assertThat(PLANNER.plan(week(List.of(), dose(1, 1, 2))).unmet()).containsExactly(new WeekPlan.Unmet(1, 12, 12, WeekPlan.Why.NO_TIME, Optional.empty()));
        assertThat(PLANNER.plan(week(List.of(adult(DELE, daily(7, 8))), lasting(90, dose(1, 1, 1)))).unmet())
                .containsExactly(new WeekPlan.Unmet(1, 6, 6, WeekPlan.Why.NO_TIME, Optional.of(at(0, 7, 0))));
    }

    @Test
    void whatTodayHasNoTimeForIsNotMissed() {
        Week evening = new Week(at(0, 19, 20), List.of(adult(DELE, daily(18, 20))), List.of(), List.of(), List.of(), List.of(), Week.ANY_MINUTES, List.of(dose(1, 1, 2)), List.of(), List.of());

        WeekPlan plan = PLANNER.plan(evening);

        assertThat(plan.sessions()).filteredOn(s -> s.start() < Span.DAY).hasSize(1);
        assertThat(plan.unmet()).isEmpty();
    }

    @Test
    void withoutASecondPersonItSaysSoAndWhereOneWouldDo() {
        WeekPlan plan = PLANNER.plan(week(List.of(adult(DELE, daily(7, 8)), adult(MARIT, List.of(on(2, 7, 8)))), with(Company.HOUSEHOLD, dose(1, 1, 1))));

        assertThat(plan.sessions()).singleElement().satisfies(s -> assertThat(s.start() / Span.DAY).isEqualTo(2));
        assertThat(plan.unmet()).containsExactly(new WeekPlan.Unmet(1, 6, 7, WeekPlan.Why.NO_COMPANY, Optional.of(at(0, 7, 0))));
    }

    @Test
    void aChildAloneIsNotEnough() {
        assertThat(PLANNER.plan(week(List.of(child(NOOR, daily(15, 16))), dose(1, 1, 1))).unmet()).extracting(WeekPlan.Unmet::why).containsExactly(WeekPlan.Why.NO_ADULT);
    }

    @Test
    void heatIsNamed() {
        WeekPlan plan = PLANNER.plan(hot(week(List.of(adult(DELE, daily(14, 16))), outdoors(dose(1, 1, 1))), daily(10, 19)));

        assertThat(plan.sessions()).isEmpty();
        assertThat(plan.unmet()).extracting(WeekPlan.Unmet::why).containsExactly(WeekPlan.Why.HEAT);
    }

    @Test
    void tooFewMinutesADayAreSharedEvenly() {
        WeekPlan plan = PLANNER.plan(minutes(week(List.of(adult(DELE, daily(7, 20))), dose(1, 1, 2), dose(2, 1, 2)), 10));

        assertThat(plan.unmet()).containsExactly(new WeekPlan.Unmet(1, 7, 14, WeekPlan.Why.MINUTES, Optional.empty()), new WeekPlan.Unmet(2, 7, 14, WeekPlan.Why.MINUTES, Optional.empty()));
    }

    @Test
    void aLongSessionIsNotStarvedByShortOnes() {
        Week week = minutes(week(List.of(adult(DELE, daily(7, 20))), dose(1, 1, 2), dose(2, 1, 2), lasting(10, dose(3, 1, 2))), 25);

        assertThat(Shares.of(week, new Openings(week).all())).isEqualTo(Map.of(1L, 12, 2L, 9, 3L, 7));
        assertThat(PLANNER.plan(week).unmet()).extracting(WeekPlan.Unmet::missing).containsExactly(2, 5, 7);
    }

    @Test
    void crowdedHoursAreNamed() {
        WeekPlan plan = PLANNER.plan(week(List.of(adult(DELE, daily(7, 8))), lasting(60, dose(1, 1, 1)), lasting(60, dose(2, 2, 1))));

        assertThat(plan.unmet()).extracting(WeekPlan.Unmet::why).containsOnly(WeekPlan.Why.CROWDED);
        assertThat(plan.unmet().stream().mapToInt(WeekPlan.Unmet::missing).sum()).isEqualTo(7);
    }

    @Test
    void figuresOutOfRangeAreRefusedByName() {
        assertThatThrownBy(() -> lasting(181, dose(1, 1, 1))).hasMessage("minutes of a session must be from 1 to 180, was 181");
        assertThatThrownBy(() -> dose(1, 1, 0)).hasMessage("sessions a day must be from 1 to 12, was 0");
        assertThatThrownBy(() -> Weeks.sure(Double.NaN, dose(1, 1, 1))).hasMessage("success must be from 0 to 1, was NaN");
        assertThatThrownBy(() -> new Span(5, 5)).hasMessage("a span must start at 0 or later and end after it starts, was 5 to 5");
        assertThatThrownBy(() -> minutes(week(List.of()), 0)).hasMessage("minutes a day must be 1 or more, was 0");
        assertThatThrownBy(() -> new WeekPlanner(0, Duration.ofSeconds(1))).hasMessageContaining("steps must be 1 or more");
    }

    @Test
    void aDogsSpanGrowsWithItsAge() {
        assertThat(List.of(Dose.spanAt(5), Dose.spanAt(6), Dose.spanAt(11), Dose.spanAt(12))).containsExactly(5, 8, 8, 10);
    }

    @Test
    void spansAreCutAndJoined() {
        assertThat(Span.merged(List.of(on(0, 9, 11), on(0, 7, 9), on(1, 7, 8)))).containsExactly(on(0, 7, 11), on(1, 7, 8));
        assertThat(Span.without(List.of(on(0, 7, 12)), List.of(on(0, 8, 9), on(0, 11, 13)))).containsExactly(on(0, 7, 8), on(0, 9, 11));
        assertThat(Span.without(List.of(on(0, 7, 12)), List.of(on(0, 6, 13)))).isEmpty();
    }
}

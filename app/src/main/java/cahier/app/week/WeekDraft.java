package cahier.app.week;

import cahier.app.log.PracticeDay;
import cahier.core.week.Span;
import cahier.core.week.Week;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Everything a plan is made from but the weather, as it was read.
 *
 * @param version of the plan that it will take the place of; another one means that something changed meanwhile
 * @param done sessions of today that were practised and stay
 * @param kept sessions still to come, where the new plan starts from
 */
record WeekDraft(WeekDesk desk, int version, List<Planned> done, List<Week.Kept> kept, HoursKept hours, List<PracticeDay> days, @Nullable Integer dailyMinutes) {

    Week week(List<Span> hot) {
        return desk.frame().week(hours, desk.practised(), desk.ways(), days, desk.noMoreToday(), hot, dailyMinutes, kept);
    }
}

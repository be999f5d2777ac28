package cahier.app.household;

import cahier.app.language.Words;
import cahier.app.web.Dates;
import java.time.Instant;
import java.time.ZoneId;
import org.apache.ibatis.annotations.AutomapConstructor;
import org.jspecify.annotations.Nullable;

/**
 * A lesson, planned or past.
 *
 * @param travelMinutes the way there
 * @param givenBy the trainer who was said to give it; none where it follows the household
 * @param trainer who gives it: that one, or whoever answers for the household on its day; none where all share the household
 */
public record Lesson(long id, long householdId, Instant startsAt, int minutes, String plan, int travelMinutes, State state, int version, @Nullable Long givenBy, @Nullable Long trainer) {

    /** Where a lesson stands. */
    public enum State {
        PLANNED, PREPARED, GIVEN, MISSED;

        public String word() {
            return Words.say("household.State." + name());
        }
    }

    @AutomapConstructor
    public Lesson {
    }

    /** One that follows the household. */
    public Lesson(long id, long householdId, Instant startsAt, int minutes, String plan, int travelMinutes, State state, int version) {
        this(id, householdId, startsAt, minutes, plan, travelMinutes, state, version, null, null);
    }

    /** A planned one next door. */
    public Lesson(long id, long householdId, Instant startsAt, int minutes, String plan, int version) {
        this(id, householdId, startsAt, minutes, plan, 0, State.PLANNED, version);
    }

    /** @param seen the version it was moved from */
    public Lesson movedTo(Instant start, int seen) {
        return new Lesson(id, householdId, start, minutes, plan, travelMinutes, state, seen, givenBy, trainer);
    }

    /** "Thursday 18 June, 9:15" */
    public String when(ZoneId zone) {
        return Dates.longDate(startsAt.atZone(zone).toLocalDate()) + ", " + Dates.time(startsAt, zone);
    }

    /** Whether a trainer gives it, or may, where it is not said who gives it or whom is asked about. */
    public boolean mayBeGivenBy(@Nullable Long someone) {
        return trainer == null || someone == null || trainer.equals(someone);
    }

    public Instant endsAt() {
        return startsAt.plusSeconds(60L * minutes);
    }

    /** Whether it was given or missed. */
    public boolean isOver() {
        return state == State.GIVEN || state == State.MISSED;
    }
}

package cahier.app.team;

import java.time.LocalDate;

/**
 * A trainer is away and another stands in.
 *
 * @param trainerId who is away
 * @param standInId who answers for their households meanwhile and gives their lessons
 * @param fromDay the first day of the practice's calendar
 * @param untilDay the last
 */
public record StandIn(long id, long trainerId, long standInId, LocalDate fromDay, LocalDate untilDay) {

    boolean touches(long trainer, LocalDate from, LocalDate until) {
        return (trainerId == trainer || standInId == trainer) && !fromDay.isAfter(until) && !untilDay.isBefore(from);
    }
}

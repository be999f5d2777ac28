package cahier.core.week;

import java.util.List;
import java.util.OptionalInt;

/**
 * What the current step of one track asks for.
 *
 * @param perDay sessions a day, 1 to 12
 * @param minutes of one session, 1 to 180: the step's own limit
 * @param span minutes the dog can attend where a step sets no longer limit, 5, 8 or 10
 * @param calm whether it goes best after an outing
 * @param success the share of clean reps to expect, 0 to 1; the lowest of a dog's is its hardest
 * @param busy hours at which its place is busy
 * @param done sessions of it that were done on the first day
 * @param grownUps whether no child does it
 * @param only the one day of the week it is wanted on, 0 to 6; none where it is wanted on each
 */
public record Dose(long trackId, long dogId, int perDay, int minutes, int span, Company company, boolean outdoors, boolean calm, double success, List<Span> busy, int done, boolean grownUps, OptionalInt only) {

    public static final int MOST_A_DAY = 12;
    public static final int LONGEST = 180;
    private static final int PUPPY_MONTHS = 6;
    private static final int YOUNG_MONTHS = 12;

    public Dose {
        if (perDay < 1 || perDay > MOST_A_DAY) {
            throw new IllegalArgumentException("sessions a day must be from 1 to " + MOST_A_DAY + ", was " + perDay);
        }
        if (minutes < 1 || minutes > LONGEST) {
            throw new IllegalArgumentException("minutes of a session must be from 1 to " + LONGEST + ", was " + minutes);
        }
        if (!(success >= 0 && success <= 1)) {
            throw new IllegalArgumentException("success must be from 0 to 1, was " + success);
        }
        if (only.isPresent() && (only.getAsInt() < 0 || only.getAsInt() >= Week.DAYS)) {
            throw new IllegalArgumentException("the day must be from 0 to " + (Week.DAYS - 1) + ", was " + only.getAsInt());
        }
        busy = List.copyOf(busy);
    }

    /** Wanted on each day. */
    public Dose(long trackId, long dogId, int perDay, int minutes, int span, Company company, boolean outdoors, boolean calm, double success, List<Span> busy, int done, boolean grownUps) {
        this(trackId, dogId, perDay, minutes, span, company, outdoors, calm, success, busy, done, grownUps, OptionalInt.empty());
    }

    /** The same, wanted on one day only. */
    public Dose on(int day) {
        return new Dose(trackId, dogId, perDay, minutes, span, company, outdoors, calm, success, busy, done, grownUps, OptionalInt.of(day));
    }

    /** Doses are keys in the solver's innermost loop, one a track. */
    @Override
    public int hashCode() {
        return Long.hashCode(trackId);
    }

    /** Minutes a dog of so many months attends: under 6 months 5, under 1 year 8, else 10. */
    public static int spanAt(long months) {
        if (months < PUPPY_MONTHS) {
            return 5;
        }
        return months < YOUNG_MONTHS ? 8 : 10;
    }

    /** Sessions the dog may still have of it on that day. */
    int left(int day) {
        if (only.isPresent() && only.getAsInt() != day) {
            return 0;
        }
        return Math.max(0, day == 0 ? perDay - done : perDay);
    }
}

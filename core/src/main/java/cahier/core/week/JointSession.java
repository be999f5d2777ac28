package cahier.core.week;

import java.util.List;

/**
 * What one dog practises in one go: every exercise that begins at that minute. Figures are reckoned once, because the solver asks thousands of times a second.
 *
 * @param minutes of all its exercises
 * @param overLimit minutes beyond what its steps allow, or the dog's span where that is longer
 * @param overFree minutes by which it outlasts the time its handlers have
 * @param alone minutes without the company a step needs
 * @param unwatched minutes a child is without an adult
 * @param heat minutes of heat, when a step of it is outdoors
 */
record JointSession(long dogId, int start, List<TrackSession> exercises, int minutes, int overLimit, int overFree, int alone, int unwatched, int heat) {

    static JointSession of(long dogId, int start, List<TrackSession> exercises) {
        int minutes = 0;
        int limit = 0;
        int free = Integer.MAX_VALUE;
        int company = Integer.MAX_VALUE;
        int adult = Integer.MAX_VALUE;
        int cool = Integer.MAX_VALUE;
        for (TrackSession e : exercises) {
            Opening there = e.there();
            Dose dose = e.dose();
            minutes += dose.minutes();
            limit = Math.max(limit, Math.max(dose.minutes(), dose.span()));
            free = Math.min(free, there.free());
            company = Math.min(company, there.with(dose.company()));
            adult = Math.min(adult, there.adult(dose));
            cool = dose.outdoors() ? Math.min(cool, there.cool()) : cool;
        }
        return new JointSession(dogId, start, exercises, minutes, over(minutes, limit), over(minutes, free), over(minutes, company), over(minutes, adult), over(minutes, cool));
    }

    private static int over(int minutes, int there) {
        return Math.max(0, minutes - there);
    }

    int end() {
        return start + minutes;
    }

    int day() {
        return start / Span.DAY;
    }

    /** How many minutes both take from the other. */
    int overlap(JointSession other) {
        return Math.min(end(), other.end()) - Math.max(start, other.start);
    }
}

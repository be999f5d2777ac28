package cahier.core.week;

import java.util.List;
import java.util.stream.IntStream;

/** How many sessions of one step a week has room for, were there no other steps. */
final class Room {

    private Room() {
    }

    /** On each day as many as keep their rest, and no more than the dose. */
    static int of(Dose dose, List<Opening> openings) {
        return IntStream.range(0, Week.DAYS).map(day -> on(day, dose, openings)).sum();
    }

    /** On one day. */
    static int on(int day, Dose dose, List<Opening> openings) {
        int n = 0;
        int next = Integer.MIN_VALUE;
        for (int start : openings.stream().filter(o -> o.day() == day).mapToInt(Opening::start).sorted().toArray()) {
            if (start >= next && n < dose.left(day)) {
                n++;
                next = start + dose.minutes() + WeekRules.REST;
            }
        }
        return n;
    }
}

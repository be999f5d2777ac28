package cahier.core.week;

import java.util.ArrayList;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;

/** When somebody could begin: at the start of each free time and at every quarter of an hour in it. */
final class Openings {

    private static final int QUARTER = 15;
    /** A dog that came home no longer ago than this rests well. */
    static final int AFTER_OUTING = 120;

    private final Week week;

    Openings(Week week) {
        this.week = week;
    }

    List<Opening> all() {
        List<Opening> all = new ArrayList<>();
        for (Someone person : week.people().stream().filter(Someone::handles).toList()) {
            SortedSet<Integer> starts = new TreeSet<>();
            for (Span free : person.free()) {
                int first = free.startInclusive() >= week.now() ? free.startInclusive() : (week.now() / QUARTER + 1) * QUARTER;
                int end = Math.min(free.endExclusive(), Week.DAYS * Span.DAY);
                if (first < end) {
                    starts.add(first);
                }
                for (int at = (first / QUARTER + 1) * QUARTER; at < end; at += QUARTER) {
                    starts.add(at);
                }
            }
            starts.forEach(start -> all.add(at(all.size(), person, start)));
        }
        return all;
    }

    /** What there is at this minute, also where the person is not free: somebody may want it there all the same. */
    Opening at(int id, Someone person, int start) {
        List<Someone> others = week.people().stream().filter(p -> p.id() != person.id()).toList();
        int household = others.stream().mapToInt(p -> Span.lastsFrom(p.free(), start)).max().orElse(0);
        int adult = person.adult() ? Integer.MAX_VALUE : others.stream().filter(Someone::adult).mapToInt(p -> Span.lastsFrom(p.free(), start)).max().orElse(0);
        boolean afterOuting = week.walks().stream().anyMatch(w -> w.endExclusive() <= start && start <= w.endExclusive() + AFTER_OUTING);
        return new Opening(id, person.id(), start, Span.lastsFrom(person.free(), start), household, adult, Span.lastsFrom(week.withFriend(), start), Span.lastsFrom(week.withStranger(), start),
                cool(start), afterOuting);
    }

    private int cool(int start) {
        return week.hot().stream().filter(h -> h.endExclusive() > start).mapToInt(h -> Math.max(0, h.startInclusive() - start)).min().orElse(Integer.MAX_VALUE);
    }
}

package cahier.core.rep;

import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/**
 * All sessions since the dog was put on a step (docs/rules.md 1, 2).
 *
 * @param sessions oldest first; those with a rep of any role in the visit
 */
public record Visit(List<Session> sessions) {

    /** WORK reps that `recent` reaches back to. */
    static final int RECENT_REPS = 10;
    /** Sessions that `recent` holds at the least. */
    static final int RECENT_SESSIONS = 2;
    private static final int KNOWN_RHYTHM = 2;
    private static final double LONGER = 1.5;

    public Visit {
        sessions = List.copyOf(sessions);
    }

    /** Every WORK rep of the visit, in order. */
    public List<Rep> work() {
        List<Rep> work = new ArrayList<>();
        sessions.forEach(s -> work.addAll(s.work()));
        work.sort(Rep.IN_ORDER);
        return work;
    }

    /** Whether nothing at all was logged, in any role. */
    public boolean isEmpty() {
        return sessions.isEmpty();
    }

    /** Only the sessions that match. */
    public Visit only(Predicate<Session> wanted) {
        return new Visit(sessions.stream().filter(wanted).toList());
    }

    /** The last two sessions, extended backwards session by session until they hold 10 WORK reps or the visit begins. */
    public Visit recent() {
        int from = Math.max(0, sessions.size() - RECENT_SESSIONS);
        int reps = new Visit(sessions.subList(from, sessions.size())).work().size();
        while (from > 0 && reps < RECENT_REPS) {
            from--;
            reps += sessions.get(from).work().size();
        }
        return new Visit(sessions.subList(from, sessions.size()));
    }

    /** Over-threshold reps of any role. */
    public int tooMuch() {
        return sessions.stream().mapToInt(Session::tooMuch).sum();
    }

    /**
     * What pass rules look at. After the latest pause between two sessions, only what came after it, unless the first WORK rep after the pause was CLEAN: then everything
     * counts (docs/rules.md 2, coming back after a pause). A pause is {@code staleDays} or more, and longer by half than the household's own rhythm, once that is known.
     *
     * @param staleDays calendar days, 1 or more
     */
    public Visit counted(int staleDays) {
        for (int i = sessions.size() - 1; i > 0; i--) {
            if (isPause(i, staleDays)) {
                Visit after = new Visit(sessions.subList(i, sessions.size()));
                boolean cameBackClean = after.work().stream().findFirst().map(Rep::isClean).orElse(true);
                return cameBackClean ? this : after;
            }
        }
        return this;
    }

    /** Whether the gap before a session is a pause: by the middle of the gaps before it, of which there must be two to know a rhythm. */
    private boolean isPause(int session, int staleDays) {
        long gap = gap(session);
        if (gap < staleDays) {
            return false;
        }
        long[] before = IntStream.range(1, session).mapToLong(this::gap).filter(days -> days > 0).sorted().toArray();
        return before.length < KNOWN_RHYTHM || gap > LONGER * before[before.length / 2];
    }

    /** Days between a session and the one before it. */
    private long gap(int session) {
        return ChronoUnit.DAYS.between(sessions.get(session - 1).day(), sessions.get(session).day());
    }
}

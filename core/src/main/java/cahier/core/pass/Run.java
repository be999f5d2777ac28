package cahier.core.pass;

import cahier.core.rep.Rep;
import cahier.core.rep.Session;
import cahier.core.rep.Visit;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * RUN(k): somewhere k reps in a row are CLEAN, the last of them in the latest session, and after them no TOO_MUCH and at most
 * one rep that is not CLEAN (docs/rules.md 3).
 *
 * @param k reps in a row, 1 to 100; on a COMFORT track {@link #COMFORT_LEAST} or more, which the track sees to
 */
public record Run(int k, Spread spread) implements PassRule {

    /** Reps in a row unless the trainer says otherwise. */
    public static final int DEFAULT = 5;
    /** Fewest reps in a row on a COMFORT track. */
    public static final int COMFORT_LEAST = 5;
    /** Most reps in a row. */
    public static final int MOST = 100;

    public Run {
        Limits.reps("k", k);
    }

    @Override
    public List<Missing> missing(Visit counted) {
        List<Rep> reps = withBreaks(counted);
        if (holds(reps, idsOfLatestSession(counted))) {
            return List.of();
        }
        return List.of(new Missing(Missing.What.CLEAN_IN_A_ROW, Math.max(1, k - endRun(reps))));
    }

    /** WORK reps, and those of another role that break a run because they were too much. */
    private static List<Rep> withBreaks(Visit counted) {
        return counted.sessions().stream().flatMap(s -> s.reps().stream())
                .filter(r -> r.isWork() || r.isTooMuch()).sorted(Rep.IN_ORDER).toList();
    }

    private static Set<UUID> idsOfLatestSession(Visit counted) {
        Session latest = null;
        for (Session session : counted.sessions()) {
            latest = session.work().isEmpty() ? latest : session;
        }
        return latest == null ? Set.of() : latest.work().stream().map(Rep::id).collect(Collectors.toSet());
    }

    /** Walks back from the end: past at most one miss, to a run of k that ends in the latest session. */
    private boolean holds(List<Rep> reps, Set<UUID> latest) {
        int slips = 0;
        int run = 0;
        boolean endsInLatest = false;
        for (int i = reps.size() - 1; i >= 0; i--) {
            Rep rep = reps.get(i);
            if (rep.isTooMuch()) {
                return false;
            }
            if (rep.isClean()) {
                endsInLatest = run == 0 ? latest.contains(rep.id()) : endsInLatest;
                run++;
                if (run >= k && endsInLatest) {
                    return true;
                }
            } else {
                slips++;
                run = 0;
                if (slips > 1) {
                    return false;
                }
            }
        }
        return false;
    }

    @Override
    public int least() {
        return k;
    }

    private static int endRun(List<Rep> reps) {
        int run = 0;
        while (run < reps.size() && reps.get(reps.size() - 1 - run).isClean()) {
            run++;
        }
        return run;
    }
}

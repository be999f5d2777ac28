package cahier.core.pass;

import cahier.core.rep.Outcome;
import cahier.core.rep.Rep;
import cahier.core.rep.Session;
import cahier.core.rep.Visit;
import java.util.List;

/**
 * CALM(s, m): the last s sessions of at least m reps each have no MISSED, no TOO_MUCH and at least half of their reps CLEAN; shorter ones are
 * skipped unless they hold a MISSED or TOO_MUCH; what does not fit breaks the chain (docs/rules.md 3).
 *
 * @param s sessions, 1 to 100
 * @param m reps a session, 1 to 100
 */
public record Calm(int s, int m, Spread spread) implements PassRule {

    /** Two calm sessions of five. */
    public static Calm usual(Spread spread) {
        return new Calm(2, 5, spread);
    }

    public Calm {
        Limits.reps("s", s);
        Limits.reps("m", m);
    }

    @Override
    public List<Missing> missing(Visit counted) {
        int calm = 0;
        for (int i = counted.sessions().size() - 1; i >= 0 && calm < s; i--) {
            Session session = counted.sessions().get(i);
            boolean upset = session.tooMuch() > 0 || session.work().stream().anyMatch(r -> r.outcome() == Outcome.MISSED);
            boolean longEnough = session.work().size() >= m;
            if (upset || longEnough && !halfClean(session)) {
                break;
            }
            calm += longEnough ? 1 : 0;
        }
        return calm >= s ? List.of() : List.of(new Missing(Missing.What.CALM_SESSIONS, s - calm));
    }

    private static boolean halfClean(Session session) {
        return 2 * session.work().stream().filter(Rep::isClean).count() >= session.work().size();
    }

    @Override
    public int least() {
        return s * m;
    }
}

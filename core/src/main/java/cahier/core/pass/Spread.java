package cahier.core.pass;

import cahier.core.rep.Evidence;
import cahier.core.rep.Rep;
import cahier.core.rep.Session;
import cahier.core.rep.Visit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;

/**
 * Over how much of life the evidence must be spread (docs/rules.md 3). 0 asks for nothing.
 *
 * @param days different calendar days
 * @param sessions different sessions
 * @param people who each have 3 reps or more, 0.8 of their latest 5 CLEAN
 * @param places the same
 * @param coldClean CLEAN wanted among the last {@code coldOf} cold reps
 * @param coldOf cold reps looked at, at least coldClean
 * @param hands the same; 2 at most
 * @param items rewards or objects, the same
 */
public record Spread(int days, int sessions, int people, int places, int coldClean, int coldOf, int hands, int items) {

    /** Asks for nothing: the default of a SKILL track. */
    public static final Spread NONE = new Spread(0, 0, 0, 0, 0, 0);
    /** Two days and the latest cold rep CLEAN: the default of a COMFORT track. */
    public static final Spread COMFORT = new Spread(2, 0, 0, 0, 1, 1);

    /** A left one and a right one. */
    public static final int MOST_HANDS = 2;
    static final int REPS_TO_COUNT = 3;
    static final int LATEST = 5;
    static final double RATE_TO_COUNT = 0.8;
    private static final double EPSILON = 1e-9;

    public Spread {
        atLeastZero("days", days);
        atLeastZero("sessions", sessions);
        atLeastZero("people", people);
        atLeastZero("places", places);
        atLeastZero("coldClean", coldClean);
        atLeastZero("hands", hands);
        atLeastZero("items", items);
        if (coldOf < coldClean) {
            throw new IllegalArgumentException("coldOf must be at least coldClean " + coldClean + ", was " + coldOf);
        }
        if (hands > MOST_HANDS) {
            throw new IllegalArgumentException("hands must be at most " + MOST_HANDS + ", was " + hands);
        }
    }

    /** One that asks nothing of hands and items. */
    public Spread(int days, int sessions, int people, int places, int coldClean, int coldOf) {
        this(days, sessions, people, places, coldClean, coldOf, 0, 0);
    }

    List<Missing> missing(Visit counted) {
        List<Missing> missing = new ArrayList<>();
        List<Session> withWork = counted.sessions().stream().filter(s -> !s.work().isEmpty()).toList();
        add(missing, Missing.What.DAYS, days - (int) withWork.stream().map(Session::day).distinct().count());
        add(missing, Missing.What.SESSIONS, sessions - withWork.size());
        add(missing, Missing.What.PEOPLE, lacking(people, withWork, (s, r) -> s.person()));
        add(missing, Missing.What.PLACES, lacking(places, withWork, (s, r) -> s.place()));
        add(missing, Missing.What.HANDS, lacking(hands, withWork, (s, r) -> r.with().hand()));
        add(missing, Missing.What.ITEMS, lacking(items, withWork, (s, r) -> r.with().item()));
        if (coldOf > 0) {
            add(missing, Missing.What.COLD_CLEAN, coldClean - Evidence.cold(counted, coldOf).orElse(0));
        }
        return missing;
    }

    /** How many more are asked for than count; none where nothing is asked. */
    private static int lacking(int asked, List<Session> sessions, BiFunction<Session, Rep, String> key) {
        return asked == 0 ? 0 : asked - sure(sessions, key);
    }

    /** How many people, places, hands or items count: by their latest reps, so that what was poor once is not held against them for good. */
    private static int sure(List<Session> sessions, BiFunction<Session, Rep, String> key) {
        Map<String, List<Boolean>> clean = new HashMap<>();
        sessions.forEach(s -> s.work().forEach(r -> clean.computeIfAbsent(key.apply(s, r), name -> new ArrayList<>()).add(r.isClean())));
        return (int) clean.entrySet().stream().filter(e -> !e.getKey().isEmpty() && counts(e.getValue())).count();
    }

    /**
     * Whether somebody or something counts for spread.
     *
     * @param clean whether each of its WORK reps was CLEAN, oldest first
     */
    public static boolean counts(List<Boolean> clean) {
        List<Boolean> latest = clean.subList(Math.max(0, clean.size() - LATEST), clean.size());
        return latest.size() >= REPS_TO_COUNT && latest.stream().filter(c -> c).count() >= RATE_TO_COUNT * latest.size() - EPSILON;
    }

    private static void add(List<Missing> missing, Missing.What what, int more) {
        if (more > 0) {
            missing.add(new Missing(what, more));
        }
    }

    private static void atLeastZero(String name, int value) {
        if (value < 0) {
            throw new IllegalArgumentException(name + " must be 0 or more, was " + value);
        }
    }
}

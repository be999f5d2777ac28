package cahier.app.alone;

import cahier.app.household.Dog;
import cahier.app.language.Words;
import cahier.app.web.Measures;
import cahier.core.alone.NextTarget;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * How a dog's departures went and how long comes next (docs/rules.md 14).
 *
 * @param sessions the latest, newest first; each in the order it happened
 * @param share of what would come next that is planned: 1, or half of it after a pause
 * @param goal seconds beyond which it is not left, where a step says so
 */
public record AloneTrack(Dog dog, List<List<Departure>> sessions, OptionalDouble goal, double share) {

    private static final int SHOWN = 6;
    private static final double EASIER = 0.5;

    static AloneTrack of(Dog dog, List<Departure> newestFirst, OptionalDouble goal) {
        Map<UUID, List<Departure>> bySitting = new LinkedHashMap<>();
        newestFirst.forEach(d -> bySitting.computeIfAbsent(d.sittingId(), s -> new ArrayList<>()).add(d));
        List<List<Departure>> sessions = bySitting.values().stream().limit(SHOWN).map(list -> list.stream().sorted(Comparator.comparing(Departure::happenedAt)).toList()).toList();
        return new AloneTrack(dog, sessions, goal, 1);
    }

    /** The same as a session begins after a pause. */
    public AloneTrack easier() {
        return new AloneTrack(dog, sessions, goal, EASIER);
    }

    private OptionalDouble longestCalm() {
        return sessions.isEmpty() ? OptionalDouble.empty() : sessions.get(0).stream().filter(d -> d.upsetAfterS() == null).mapToDouble(Departure::leftS).max();
    }

    /** The soonest it was upset in the latest session. */
    private OptionalInt upsetAfter() {
        return sessions.isEmpty() ? OptionalInt.empty() : sessions.get(0).stream().filter(d -> d.upsetAfterS() != null).mapToInt(Departure::upsetAfterS).min();
    }

    /** Seconds until it lay down, after the calm departures of the latest session of which somebody said it. */
    private List<Integer> settled() {
        return sessions.isEmpty() ? List.of() : sessions.get(0).stream().filter(d -> d.upsetAfterS() == null).flatMap(d -> Stream.ofNullable(d.settledS())).toList();
    }

    /** Seconds. */
    public double target() {
        OptionalInt upset = upsetAfter();
        double next = NextTarget.after(longestCalm(), upset.isPresent() ? OptionalDouble.of(upset.getAsInt()) : OptionalDouble.empty(), settled());
        return Math.max(1, share * Math.min(next, goal.orElse(next)));
    }

    /** Seconds, in order. */
    public List<Integer> departures() {
        return NextTarget.departures(target());
    }

    /** "1 min, 3 min, 2 min, 5 min, 1 min 30 s, 1 min" */
    public String plan() {
        return words(departures());
    }

    static String words(List<Integer> seconds) {
        return String.join(", ", seconds.stream().map(Measures::duration).toList());
    }

    public String verdict() {
        return Words.say("alone.AloneTrack.next-at-longest", Measures.duration(Math.ceil(target())));
    }

    /** "It lay down after 20 s in the middle, 90 s at the longest."; empty where nobody said. */
    public String settling() {
        List<Integer> seconds = settled().stream().sorted().toList();
        return seconds.isEmpty() ? "" : Words.say("alone.AloneTrack.after-the-return-it-lay", Measures.duration(seconds.get(seconds.size() / 2)), Measures.duration(seconds.get(seconds.size() - 1)));
    }

    /** Why, with its figures. */
    public String why() {
        if (sessions.isEmpty()) {
            return Words.say("alone.AloneTrack.the-very-first-is-a");
        }
        OptionalInt upset = upsetAfter();
        String calm = longestCalm().isPresent() ? Words.say("alone.AloneTrack.longest-calm", Measures.duration(longestCalm().getAsDouble())) : Words.say("alone.AloneTrack.none-calm");
        return upset.isPresent() ? Words.say("alone.AloneTrack.upset-after-half-of-that", calm, Measures.duration(upset.getAsInt()))
                : NextTarget.isRestless(settled()) ? Words.say("alone.AloneTrack.but-after-half-of-them", calm, Measures.duration(NextTarget.SETTLES_WITHIN_S)) : Words.say("alone.AloneTrack.all-of-them-calm-a", calm);
    }
}

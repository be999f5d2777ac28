package cahier.core.handling;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * The way of the hand to a part of the dog, over what it already likes (docs/rules.md 15).
 *
 * @param next where to touch next; empty when the target is done
 * @param path from a zone that is easy to the target; empty when no zone is easy yet
 */
public record HandlingPath(Optional<Zone> next, List<Zone> path) {

    /** Comfort from which a zone is done: 0 moves away, 1 stiffens, 2 allows, 3 relaxed, 4 leans in. */
    public static final int EASY = 3;
    public static final int MOST = 4;
    /** A zone is done after so many calm sessions. */
    public static final int CALM_SESSIONS = 2;

    public HandlingPath {
        path = List.copyOf(path);
    }

    /**
     * Finds it.
     *
     * @param comfort of every zone, 0 to 4; one that was not touched yet counts as 0
     */
    public static HandlingPath to(Map<Zone, Integer> comfort, Zone target) {
        comfort.forEach((zone, value) -> {
            if (value < 0 || value > MOST) {
                throw new IllegalArgumentException("comfort of " + zone.words() + " must be from 0 to " + MOST + ", was " + value);
            }
        });
        if (of(comfort, target) >= EASY) {
            return new HandlingPath(Optional.empty(), List.of(target));
        }
        List<List<Zone>> ways = new ArrayList<>();
        for (Zone zone : Zone.values()) {
            if (of(comfort, zone) >= EASY) {
                walk(new ArrayList<>(List.of(zone)), target, ways);
            }
        }
        Comparator<List<Zone>> kindest = Comparator.<List<Zone>>comparingInt(way -> way.stream().mapToInt(z -> Math.max(0, EASY - of(comfort, z))).sum())
                .thenComparingInt(List::size).thenComparing(way -> way.stream().map(Zone::words).collect(Collectors.joining("|")));
        return ways.stream().min(kindest).map(way -> new HandlingPath(way.stream().filter(z -> of(comfort, z) < EASY).findFirst(), way))
                .orElseGet(() -> new HandlingPath(Optional.of(easiest(comfort)), List.of()));
    }

    private static int of(Map<Zone, Integer> comfort, Zone zone) {
        return comfort.getOrDefault(zone, 0);
    }

    /** All ways without going anywhere twice; the dog is small. */
    private static void walk(List<Zone> way, Zone target, List<List<Zone>> ways) {
        Zone here = way.get(way.size() - 1);
        if (here == target) {
            ways.add(List.copyOf(way));
            return;
        }
        for (Zone zone : here.neighbours()) {
            if (!way.contains(zone)) {
                way.add(zone);
                walk(way, target, ways);
                way.remove(way.size() - 1);
            }
        }
    }

    private static Zone easiest(Map<Zone, Integer> comfort) {
        Zone best = Zone.values()[0];
        for (Zone zone : Zone.values()) {
            best = of(comfort, zone) > of(comfort, best) ? zone : best;
        }
        return best;
    }

    /** After a flinch at this zone: the one before it on the path, or the zone itself where the path begins with it or does not touch it. */
    public Zone backFrom(Zone zone) {
        int at = path.indexOf(zone);
        return at > 0 ? path.get(at - 1) : zone;
    }
}

package cahier.core.exposure;

import java.util.List;

/**
 * Today's walk place by place, in and out again: those that were calm and the next one; at the first that is not calm it ends (docs/rules.md 27).
 *
 * @param places in the order from the door, at least one
 */
public record PlaceByPlace(List<String> places) {

    public static final int MOST_PLACES = 12;
    public static final int LONGEST_NAME = 40;

    public PlaceByPlace {
        places = List.copyOf(places);
        if (places.isEmpty() || places.size() > MOST_PLACES || places.stream().anyMatch(p -> p.isBlank() || p.length() > LONGEST_NAME) || places.stream().distinct().count() < places.size()) {
            throw new IllegalArgumentException("places must be 1 to " + MOST_PLACES + " that differ, of " + LONGEST_NAME + " characters at most, were " + places);
        }
    }

    /**
     * How many places the next walk has: one more than were calm, all of them at most.
     *
     * @param calm places from the door that were calm on the last walk, 0 or more
     */
    public int next(int calm) {
        if (calm < 0) {
            throw new IllegalArgumentException("calm must be 0 or more, was " + calm);
        }
        return Math.min(places.size(), calm + 1);
    }

    /** The first so many of them. */
    public List<String> first(int count) {
        return places.subList(0, Math.max(1, Math.min(places.size(), count)));
    }
}

package cahier.app.outing;

import cahier.app.language.Words;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One walk from the door and home again.
 *
 * @param paces how far it went
 * @param calmPaces how far the dog was calm, 0 to paces
 * @param places those tried, one a line, where it went place by place: then the paces count them; else empty
 * @param roundPaces of the whole round walk, where there is one
 */
public record Outing(UUID id, long householdId, long dogId, int paces, int calmPaces, @Nullable Integer roundPaces, String places, Instant happenedAt) {

    public static final int MOST = 20_000;

    /** By paces. */
    public static Outing byPaces(UUID id, long householdId, long dogId, int paces, int calmPaces, @Nullable Integer roundPaces, Instant happenedAt) {
        return new Outing(id, householdId, dogId, paces, calmPaces, roundPaces, "", happenedAt);
    }

    /** Place by place: the first so many of them were calm. */
    public static Outing placeByPlace(UUID id, long householdId, long dogId, List<String> tried, int calm, Instant happenedAt) {
        return new Outing(id, householdId, dogId, tried.size(), calm, null, String.join("\n", tried), happenedAt);
    }

    public boolean isByPaces() {
        return places.isEmpty();
    }

    /** "35 paces out, calm to 30, round 160", or the places. */
    public String says() {
        if (isByPaces()) {
            return Words.say("outing.Outing.paces-out-calm-to", paces, calmPaces, (roundPaces == null ? "" : Words.say("outing.Outing.round", roundPaces)));
        }
        List<String> tried = places.lines().toList();
        String calm = calmPaces == 0 ? "" : "calm: " + String.join(", ", tried.subList(0, calmPaces));
        return calmPaces == paces ? calm : Words.say("outing.Outing.not-at", (calm.isEmpty() ? "" : calm + "; "), tried.get(calmPaces));
    }
}

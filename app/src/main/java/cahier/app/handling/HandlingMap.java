package cahier.app.handling;

import cahier.app.household.Dog;
import cahier.app.language.Words;
import cahier.core.handling.HandSeen;
import cahier.core.handling.HandlingPath;
import cahier.core.handling.Zone;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * A dog's zones as they were on a day.
 *
 * @param comfort 0 to 4 of each zone that is known
 * @param touches newest first
 */
public record HandlingMap(Dog dog, Zone target, Map<Zone, Integer> comfort, HandlingPath path, List<Touch> touches) {

    private static final List<String> WORDS = List.of("moves away", "stiffens", "allows", "relaxed", "leans in");

    /** "2, allows"; "not touched yet" where nothing is known. */
    public String words(Zone zone) {
        Integer c = comfort.get(zone);
        return c == null ? Words.say("handling.HandlingMap.not-touched-yet") : c + ", " + WORDS.get(c);
    }

    /** Of each comfort from 0 on. */
    public static List<String> scale() {
        return WORDS;
    }

    /** The zone of the latest flinch, if it was in the latest session. */
    private Optional<Zone> flinched() {
        if (touches.isEmpty()) {
            return Optional.empty();
        }
        UUID latest = touches.get(0).sittingId();
        return touches.stream().filter(t -> t.sittingId().equals(latest) && t.seen() == HandSeen.FLINCH).map(Touch::zone).findFirst();
    }

    /** Where to touch next; empty when the target is done. A flinch steps back (docs/rules.md 15). */
    public Optional<Zone> next() {
        return path.next().map(next -> flinched().map(path::backFrom).orElse(next));
    }

    /** The zones on the way that are not easy yet, the next one first. */
    List<String> way() {
        return path.path().isEmpty() ? List.of() : path.path().stream().filter(z -> comfort.getOrDefault(z, 0) < HandlingPath.EASY).map(Zone::said).toList();
    }

    public String verdict() {
        return next().map(z -> "Next: " + z.words()).orElse(Words.say("handling.HandlingMap.the-is-easy", target.words()));
    }

    public String why() {
        if (path.next().isEmpty()) {
            return Words.say("handling.HandlingMap.it-is-there", words(target).replaceFirst("\\d, ", ""));
        }
        String way = path.path().isEmpty() ? Words.say("handling.HandlingMap.no-zone-is-easy-yet") : Words.say("handling.HandlingMap.by", path.path().stream().map(Zone::words).collect(Collectors.joining(", ")));
        return flinched().map(z -> Words.say("handling.HandlingMap.it-flinched-at-the-one", z.words())).orElse("") + way;
    }

    /** The zones a muzzle touches that are not easy yet; its steps that touch the head wait for them. */
    public List<Zone> muzzleWaitsFor() {
        return Zone.headNotEasy(comfort);
    }
}

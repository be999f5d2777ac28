package cahier.core.handling;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** A part of the dog, with the parts it goes over into (docs/rules.md 15). */
public enum Zone {

    BACK("back"), CHEST("chest"), CHIN("chin"), COLLAR("collar"), CROWN("crown"), EAR_LEFT("ear left"), EAR_RIGHT("ear right"), FRONT_PAW_LEFT("front paw left"),
    FRONT_PAW_RIGHT("front paw right"), HIND_PAW_LEFT("hind paw left"), HIND_PAW_RIGHT("hind paw right"), HIP("hip"), MUZZLE("muzzle"), NECK("neck"), SHOULDER("shoulder"), TAIL("tail");

    private static final Zone[][] JOINED = {{CHEST, CHIN}, {CHEST, NECK}, {CHEST, SHOULDER}, {CHIN, MUZZLE}, {NECK, EAR_LEFT}, {NECK, EAR_RIGHT}, {NECK, COLLAR}, {EAR_LEFT, CROWN}, {EAR_RIGHT, CROWN},
        {MUZZLE, CROWN}, {SHOULDER, BACK}, {SHOULDER, FRONT_PAW_LEFT}, {SHOULDER, FRONT_PAW_RIGHT}, {BACK, HIP}, {HIP, TAIL}, {HIP, HIND_PAW_LEFT}, {HIP, HIND_PAW_RIGHT}};
    /** The zones of the head: steps that touch it wait for them. */
    public static final List<Zone> HEAD = List.of(CHIN, MUZZLE, CROWN, NECK, EAR_LEFT, EAR_RIGHT);

    private static final String LEFT = " left";
    private static final String RIGHT = " right";

    private final String words;

    Zone(String words) {
        this.words = words;
    }

    /** As a list has it, "ear left". */
    public String words() {
        return words;
    }

    /** As it goes on after "the": "left ear". */
    public String said() {
        return words.endsWith(LEFT) ? "left " + words.substring(0, words.length() - LEFT.length()) : words.endsWith(RIGHT) ? "right " + words.substring(0, words.length() - RIGHT.length()) : words;
    }

    Set<Zone> neighbours() {
        return Arrays.stream(JOINED).filter(pair -> pair[0] == this || pair[1] == this).map(pair -> pair[0] == this ? pair[1] : pair[0]).collect(Collectors.toCollection(TreeSet::new));
    }

    /**
     * The zones of the head that are not easy to touch yet (docs/rules.md 15).
     *
     * @param comfort 0 to 4 of each zone that is known; one that is not counts as 0
     */
    public static List<Zone> headNotEasy(Map<Zone, Integer> comfort) {
        return HEAD.stream().filter(z -> comfort.getOrDefault(z, 0) < HandlingPath.EASY).toList();
    }

    /** By its words, "ear left". */
    public static Zone of(String words) {
        return Arrays.stream(values()).filter(z -> z.words.equals(words)).findFirst().orElseThrow(() -> new IllegalArgumentException("zone must be one of the 16, was " + words));
    }
}

package cahier.app.draw;

import cahier.core.handling.Zone;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/** A dog from both sides, in the zones of docs/rules.md 15. Drawn for Cahier, in a box of 320 by 220, looking left. */
public final class DogMap {

    public static final double WIDTH = 320;
    public static final double HEIGHT = 220;
    private static final Map<Zone, String> SHAPES = new EnumMap<>(Map.ofEntries(
            Map.entry(Zone.MUZZLE, "M50 62C38 58 18 62 10 70C6 78 12 84 24 84L52 84Z"), Map.entry(Zone.CHIN, "M24 84L60 84L66 96C52 102 34 98 24 84Z"), Map.entry(Zone.CROWN, "M50 62C52 46 66 36 82 40L80 62L60 84L52 84Z"),
            Map.entry(Zone.EAR_LEFT, "M82 40C98 38 108 56 102 84C96 94 86 88 84 72L80 62Z"), Map.entry(Zone.EAR_RIGHT, "M82 40C98 38 108 56 102 84C96 94 86 88 84 72L80 62Z"),
            Map.entry(Zone.NECK, "M66 96L60 84L80 62L84 72C86 88 96 94 102 84L124 92L94 114Z"), Map.entry(Zone.COLLAR, "M94 114L124 92L132 100L100 124Z"), Map.entry(Zone.CHEST, "M100 124L114 113C110 132 112 148 118 160L104 154C94 146 94 134 100 124Z"),
            Map.entry(Zone.SHOULDER, "M114 113L132 100L164 98C170 124 162 150 146 160L118 160C112 148 110 132 114 113Z"), Map.entry(Zone.BACK, "M164 98C190 92 216 92 240 98C234 112 230 128 230 144C204 158 176 162 146 160C162 150 170 124 164 98Z"),
            Map.entry(Zone.HIP, "M240 98C264 104 276 124 268 152L262 160L238 160C232 156 230 150 230 144C230 128 234 112 240 98Z"), Map.entry(Zone.TAIL, "M262 108C286 96 298 78 302 54C306 48 314 50 314 58C312 88 298 112 272 126C270 119 267 113 262 108Z"),
            Map.entry(Zone.FRONT_PAW_LEFT, "M120 160L146 160L142 200L148 212L118 212L124 198Z"), Map.entry(Zone.FRONT_PAW_RIGHT, "M120 160L146 160L142 200L148 212L118 212L124 198Z"),
            Map.entry(Zone.HIND_PAW_LEFT, "M238 160L262 160L258 180L266 200L272 212L242 212L246 186Z"), Map.entry(Zone.HIND_PAW_RIGHT, "M238 160L262 160L258 180L266 200L272 212L242 212L246 186Z")));
    private static final Set<Zone> LEFT = Set.of(Zone.EAR_LEFT, Zone.FRONT_PAW_LEFT, Zone.HIND_PAW_LEFT);
    private static final Set<Zone> RIGHT = Set.of(Zone.EAR_RIGHT, Zone.FRONT_PAW_RIGHT, Zone.HIND_PAW_RIGHT);

    private DogMap() {
    }

    /**
     * One zone of a side.
     *
     * @param tone its comfort, "c0" to "c4", or "unknown"
     */
    public record Part(Zone zone, String d, String tone) {
    }

    /** The zones that are seen from one side, from the nose on. */
    public static List<Part> side(boolean left, Map<Zone, Integer> comfort) {
        List<Part> parts = new ArrayList<>();
        for (Zone zone : List.of(Zone.MUZZLE, Zone.CHIN, Zone.CROWN, Zone.EAR_LEFT, Zone.EAR_RIGHT, Zone.NECK, Zone.COLLAR, Zone.CHEST, Zone.SHOULDER, Zone.FRONT_PAW_LEFT, Zone.FRONT_PAW_RIGHT, Zone.BACK, Zone.HIP,
                Zone.HIND_PAW_LEFT, Zone.HIND_PAW_RIGHT, Zone.TAIL)) {
            if (!(left ? RIGHT : LEFT).contains(zone)) {
                parts.add(new Part(zone, Objects.requireNonNull(SHAPES.get(zone)), comfort.containsKey(zone) ? "c" + comfort.get(zone) : "unknown"));
            }
        }
        return parts;
    }
}

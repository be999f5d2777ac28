package cahier.app.track;

import cahier.app.web.Measures;
import cahier.core.exposure.Trigger;
import cahier.core.handling.Zone;
import cahier.core.measure.Measure;
import java.util.List;
import java.util.Locale;

/** What a step measures, in words (docs/rules.md 39). */
public final class MeasureWords {

    /** Of a noise, from 1 on. */
    public static final List<String> LOUDNESS = List.of("hardly heard", "low", "as loud as talking", "loud", "as loud as it gets");

    private MeasureWords() {
    }

    /** "a distance", for a choice. */
    public static String kind(Measure.Kind kind) {
        return switch (kind) {
            case DISTANCE -> "How near something may be";
            case NOISE -> "How loud and near a noise may be";
            case ALONE -> "How long it is alone";
            case ZONE -> "Where the hand may touch";
            case SITTING -> "How long it watches the world";
            case WALK -> "How far from the door it is calm";
        };
    }

    /** What a step is called that measures this, until somebody calls it otherwise. */
    public static String title(Measure m) {
        return switch (m.kind()) {
            case DISTANCE -> "Looks back from a " + about(m);
            case NOISE -> "Nearer and louder";
            case ALONE -> "Departures";
            case ZONE -> "To the " + about(m);
            case SITTING -> "Watch the world";
            case WALK -> m.placeByPlace().isPresent() ? "Place by place" : "Out and back";
        };
    }

    /** And how it is done. */
    public static String how(Measure m) {
        return switch (m.kind()) {
            case DISTANCE -> "It sees, gets a second, looks back, you pay. Tap each look.";
            case NOISE -> "One noise, then a treat. Tap each one.";
            case ALONE -> "Out, stay as long as the list says, back before it starts.";
            case ZONE -> "Touch where the phone says, a second each. Feed while you touch.";
            case SITTING -> "Sit where some pass. Tap what passes and what it does.";
            case WALK -> m.placeByPlace().isPresent() ? "Out to each place and in again. At the first that is not calm, go home." : "From the door and home again while it is calm.";
        };
    }

    /** Where what is logged of it stands, behind the page of the household. */
    public static String page(Measure.Kind kind) {
        return switch (kind) {
            case ALONE -> "/alone";
            case ZONE -> "/handling";
            case DISTANCE, NOISE, SITTING, WALK -> "/distances";
        };
    }

    /** A figure in the unit of its kind, "27 m", "22 s", "30 min", "45 paces". */
    public static String value(Measure.Kind kind, double value) {
        return switch (kind) {
            case DISTANCE, NOISE -> Measures.plain(value, 1) + "\u00a0m";
            case ALONE -> Measures.duration(value);
            case SITTING -> Measures.plain(value, 0) + "\u00a0min";
            case WALK -> Measures.plain(value, 0) + "\u00a0paces";
            case ZONE -> "";
        };
    }

    /** A figure of this measure: of a walk that goes place by place, the place. */
    public static String value(Measure m, double value) {
        return m.placeByPlace().map(w -> {
            List<String> first = w.first((int) value);
            return value < 1 ? "none yet" : first.get(first.size() - 1);
        }).orElseGet(() -> value(m.kind(), value));
    }

    /** "5 looks in a row by itself at 5 m": when it is passed. */
    public static String pass(Measure m) {
        String look = m.cueCounts() ? "5\u00a0calm looks in a row at " : "5\u00a0looks in a row by itself at ";
        return switch (m.kind()) {
            case DISTANCE -> look + Measures.distance(m.goal());
            case NOISE -> look + Measures.distance(m.goal()) + ", " + LOUDNESS.get(Integer.parseInt(m.about()) - 1);
            case ALONE -> Measures.duration(m.goal()) + " alone, 2\u00a0sessions running";
            case ZONE -> "2\u00a0calm sessions at the " + Zone.valueOf(m.about()).said();
            case SITTING -> "2\u00a0sittings of " + Measures.plain(m.goal(), 0) + "\u00a0min, never too much";
            case WALK -> m.placeByPlace().isPresent() ? "2\u00a0walks, calm to the last place, " + value(m, m.goal()) : "2\u00a0walks of " + Measures.plain(m.goal(), 0) + " paces, calm all the way";
        };
    }

    /** "dog", "muzzle": what it is about; empty where the kind says it all. */
    public static String about(Measure m) {
        return switch (m.kind()) {
            case DISTANCE -> Trigger.valueOf(m.about()).words().toLowerCase(Locale.ROOT);
            case ZONE -> Zone.valueOf(m.about()).said();
            case NOISE -> LOUDNESS.get(Integer.parseInt(m.about()) - 1);
            case WALK -> String.join(", ", m.about().lines().toList());
            case ALONE, SITTING -> "";
        };
    }
}

package cahier.app.track;

import cahier.app.language.Words;
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
            case DISTANCE -> Words.say("track.MeasureWords.how-near-something-may-be");
            case NOISE -> Words.say("track.MeasureWords.how-loud-and-near-a");
            case ALONE -> Words.say("track.MeasureWords.how-long-it-is-alone");
            case ZONE -> Words.say("track.MeasureWords.where-the-hand-may-touch");
            case SITTING -> Words.say("track.MeasureWords.how-long-it-watches-the");
            case WALK -> Words.say("track.MeasureWords.how-far-from-the-door");
        };
    }

    /** What a step is called that measures this, until somebody calls it otherwise. */
    public static String title(Measure m) {
        return switch (m.kind()) {
            case DISTANCE -> Words.say("track.MeasureWords.looks-back-from-a", about(m));
            case NOISE -> Words.say("track.MeasureWords.nearer-and-louder");
            case ALONE -> Words.say("track.MeasureWords.departures");
            case ZONE -> Words.say("track.MeasureWords.to-the", about(m));
            case SITTING -> Words.say("track.MeasureWords.watch-the-world");
            case WALK -> m.placeByPlace().isPresent() ? Words.say("track.MeasureWords.place-by-place") : Words.say("track.MeasureWords.out-and-back");
        };
    }

    /** And how it is done. */
    public static String how(Measure m) {
        return switch (m.kind()) {
            case DISTANCE -> Words.say("track.MeasureWords.it-sees-gets-a-second");
            case NOISE -> Words.say("track.MeasureWords.one-noise-then-a-treat");
            case ALONE -> Words.say("track.MeasureWords.out-stay-as-long-as");
            case ZONE -> Words.say("track.MeasureWords.touch-where-the-phone-says");
            case SITTING -> Words.say("track.MeasureWords.sit-where-some-pass-tap");
            case WALK -> m.placeByPlace().isPresent() ? Words.say("track.MeasureWords.out-to-each-place-and") : Words.say("track.MeasureWords.from-the-door-and-home");
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
            return value < 1 ? Words.say("track.MeasureWords.none-yet") : first.get(first.size() - 1);
        }).orElseGet(() -> value(m.kind(), value));
    }

    /** "5 looks in a row by itself at 5 m": when it is passed. */
    public static String pass(Measure m) {
        String look = m.cueCounts() ? Words.say("track.MeasureWords.5-calm-looks-in-a") : Words.say("track.MeasureWords.5-looks-in-a-row");
        return switch (m.kind()) {
            case DISTANCE -> look + Measures.distance(m.goal());
            case NOISE -> look + Measures.distance(m.goal()) + ", " + LOUDNESS.get(Integer.parseInt(m.about()) - 1);
            case ALONE -> Words.say("track.MeasureWords.alone-2-sessions-running", Measures.duration(m.goal()));
            case ZONE -> Words.say("track.MeasureWords.2-calm-sessions-at-the", Zone.valueOf(m.about()).said());
            case SITTING -> Words.say("track.MeasureWords.2-sittings-of-min-never", Measures.plain(m.goal(), 0));
            case WALK -> m.placeByPlace().isPresent() ? Words.say("track.MeasureWords.2-walks-calm-to-the", value(m, m.goal())) : Words.say("track.MeasureWords.2-walks-of-paces-calm", Measures.plain(m.goal(), 0));
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

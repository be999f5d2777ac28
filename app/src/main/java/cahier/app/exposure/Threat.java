package cahier.app.exposure;

import cahier.app.language.Words;
import cahier.app.track.MeasureWords;
import cahier.core.exposure.Trigger;
import cahier.core.measure.Measure;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What a dog minds, and of a noise how loud it is.
 *
 * @param loudness 1 hardly heard to 5 as loud as it gets; 0 for what is no noise
 */
public record Threat(Trigger kind, int loudness) {

    /** The words of each loudness, from 1 on. */
    public static final List<String> LOUDNESS = MeasureWords.LOUDNESS;

    public Threat {
        if (kind == Trigger.NOISE ? loudness < 0 || loudness > LOUDNESS.size() : loudness != 0) {
            throw new IllegalArgumentException(Words.say("exposure.Threat.loudness-must-be-0-to", LOUDNESS.size(), loudness));
        }
    }

    /** All there are; a noise of which nobody said how loud it was stands first among the noises. */
    static List<Threat> all() {
        return Stream.of(Trigger.values()).flatMap(t -> t == Trigger.NOISE ? IntStream.rangeClosed(0, LOUDNESS.size()).mapToObj(l -> new Threat(t, l)) : Stream.of(new Threat(t, 0))).toList();
    }

    /** How a step measures by it. */
    public Measure.Kind measuredAs() {
        return kind == Trigger.NOISE ? Measure.Kind.NOISE : Measure.Kind.DISTANCE;
    }

    /** "dog", "noise, loudness 3, as loud as talking" */
    public String words() {
        return kind.words().toLowerCase(Locale.ROOT) + (loudness == 0 ? "" : Words.say("exposure.Threat.loudness", loudness, LOUDNESS.get(loudness - 1)));
    }
}

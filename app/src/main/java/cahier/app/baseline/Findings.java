package cahier.app.baseline;

import cahier.core.rep.Outcome;
import cahier.core.sound.HeardSpells;
import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * What a baseline found; only what its kind asks for is there.
 *
 * @param tries of a cold test, in order
 * @param fromTrainer whether it took the trainer's piece
 * @param fromOwner whether it took the owner's, asked after a refusal
 * @param metres working distance
 * @param zones comfort 0 to 4 by zone
 * @param spells of distress in a watch, in the order they began
 * @param watchedSeconds how long was watched, once the watch is over
 * @param levels of a recording in dB, the loudest of each second; none where nothing was recorded
 * @param damage whether something was damaged, or the dog hurt itself
 */
public record Findings(@Nullable List<Outcome> tries, @Nullable Boolean fromTrainer, @Nullable Boolean fromOwner, @Nullable Double metres,
                       @Nullable Map<String, Integer> zones, @Nullable List<Spell> spells, @Nullable Integer watchedSeconds,
                       @Nullable List<Float> levels, @Nullable Boolean damage) {

    public Findings(@Nullable List<Outcome> tries, @Nullable Boolean fromTrainer, @Nullable Boolean fromOwner, @Nullable Double metres, @Nullable Map<String, Integer> zones,
                    @Nullable List<Spell> spells, @Nullable Integer watchedSeconds) {
        this(tries, fromTrainer, fromOwner, metres, zones, spells, watchedSeconds, null, null);
    }

    @JsonCreator
    public Findings {
    }

    /** Nothing yet. */
    public static final Findings NONE = new Findings(null, null, null, null, null, null, null);

    /**
     * One spell of distress.
     *
     * @param from seconds after the watch began
     * @param to seconds after it began; none while it goes on
     * @param sure false where somebody must listen and say whether it is the dog, true once they said it is; none where nobody is asked
     */
    public record Spell(Sign sign, double from, @Nullable Double to, @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable Boolean sure) {

        public Spell(Sign sign, double from, @Nullable Double to) {
            this(sign, from, to, null);
        }

        @JsonCreator
        public Spell {
        }

        boolean isAt(Spell other) {
            return sign == other.sign && from == other.from && Objects.equals(to, other.to);
        }
    }

    /** What is watched for: silence is not calm. */
    public enum Sign {
        VOCAL, PACING, CLAWING, DROOLING, OTHER
    }

    static Findings tries(List<Outcome> tries) {
        return new Findings(tries, null, null, null, null, null, null);
    }

    static Findings watch(List<Spell> spells, @Nullable Integer watchedSeconds) {
        return new Findings(null, null, null, null, null, spells, watchedSeconds);
    }

    /** A watch that is over, however it was taken. */
    static Findings watched(List<Spell> spells, int seconds, @Nullable List<Float> levels, boolean damage) {
        return new Findings(null, null, null, null, null, spells, seconds, levels, damage);
    }

    @JsonIgnore
    public boolean isDamaged() {
        return Boolean.TRUE.equals(damage);
    }

    public List<Outcome> triesOrNone() {
        return tries == null ? List.of() : tries;
    }

    public List<Spell> spellsOrNone() {
        return spells == null ? List.of() : spells;
    }

    /** Whether the recording was loud throughout and nobody typed what is in it: then nothing heard is no quiet (docs/rules.md 14). */
    @JsonIgnore
    public boolean isLoudThroughout() {
        return levels != null && spellsOrNone().isEmpty() && HeardSpells.isLoudThroughout(loudness());
    }

    /** Spells that are as even as a machine, of which nobody has said yet whether they are the dog. */
    @JsonIgnore
    public List<Spell> unsure() {
        return spellsOrNone().stream().filter(s -> Boolean.FALSE.equals(s.sure())).toList();
    }

    private float[] loudness() {
        List<Float> heard = levels == null ? List.of() : levels;
        float[] seconds = new float[heard.size()];
        for (int i = 0; i < seconds.length; i++) {
            seconds[i] = heard.get(i);
        }
        return seconds;
    }

    public long clean() {
        return triesOrNone().stream().filter(o -> o == Outcome.CLEAN).count();
    }
}

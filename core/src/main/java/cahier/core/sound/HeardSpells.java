package cahier.core.sound;

import cahier.core.alone.AloneReading;
import cahier.core.alone.Spell;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Where something stands out of what is always there: the dog, as far as a microphone can tell (docs/rules.md 14). */
public final class HeardSpells {

    /** So much louder than the floor is vocal, in dB. */
    public static final double ABOVE_DB = 12;
    private static final double AROUND_S = 30;
    private static final double FLOOR = 0.2;
    private static final double SHORTEST_S = 0.2;
    private static final double LONGEST_GAP_S = 0.5;
    private static final double QUIETEST = 0.05;
    private static final float ABOVE_QUIETEST_DB = 6;
    /** Louder than a street before the window. */
    private static final double LOUD_DB = -40;
    private static final double EDGE_S = 0.5;
    private static final int EVEN_S = 20;
    private static final double EVEN_DB = 1.5;

    private HeardSpells() {
    }

    /** The spells of a recording, from the first on. What is louder for less than 0.2 s is none, gaps under half a second counted in; those less than 2 s apart are one. */
    public static List<Spell> of(SoundLevels levels) {
        float[] db = levels.decibels();
        float[] floor = floor(levels);
        float most = at(sorted(db), QUIETEST) + ABOVE_QUIETEST_DB; // a dog that howls for half a minute lifts the floor around it, not that of the whole recording
        double frame = levels.frameSeconds();
        List<Spell> loud = new ArrayList<>();
        int from = -1;
        int last = -1;
        int gap = (int) Math.round(LONGEST_GAP_S / frame);
        for (int i = 0; i <= db.length; i++) {
            boolean above = i < db.length && db[i] >= Math.min(floor[i], most) + ABOVE_DB;
            if (above) {
                from = from < 0 ? i : from;
                last = i;
            } else if (from >= 0 && (i == db.length || i - last >= gap)) {
                if (last + 1 - from >= Math.round(SHORTEST_S / frame)) {
                    loud.add(new Spell(from * frame, (last + 1) * frame));
                }
                from = -1;
            }
        }
        return AloneReading.joined(loud);
    }

    /**
     * Whether it was loud throughout, so that there was nothing to compare with: then nothing found is no quiet.
     *
     * @param db how loud it was, at equal steps of time
     */
    public static boolean isLoudThroughout(float[] db) {
        float[] sorted = sorted(db);
        return sorted.length > 0 && at(sorted, QUIETEST) >= LOUD_DB && at(sorted, 1 - QUIETEST) - at(sorted, QUIETEST) < ABOVE_DB;
    }

    /** Whether a spell is as even as a machine: a dog breathes. Somebody must say whether it is the dog. */
    public static boolean isEven(SoundLevels levels, Spell spell) {
        double frame = levels.frameSeconds();
        int from = (int) Math.ceil((spell.from() + EDGE_S) / frame);
        int to = Math.min(levels.decibels().length, (int) Math.floor((spell.to() - EDGE_S) / frame));
        if ((to - from) * frame < EVEN_S) {
            return false;
        }
        double mean = 0;
        for (int i = from; i < to; i++) {
            mean += levels.decibels()[i] / (to - from);
        }
        double squares = 0;
        for (int i = from; i < to; i++) {
            squares += (levels.decibels()[i] - mean) * (levels.decibels()[i] - mean);
        }
        return Math.sqrt(squares / (to - from)) < EVEN_DB;
    }

    private static float[] sorted(float[] db) {
        float[] sorted = db.clone();
        Arrays.sort(sorted);
        return sorted;
    }

    private static float at(float[] sorted, double share) {
        return sorted.length == 0 ? SoundLevels.SILENCE_DB : sorted[(int) (share * (sorted.length - 1))];
    }

    /** The level that a fifth of the frames in the 30 s around stay below; kept sorted while it moves along. */
    public static float[] floor(SoundLevels levels) {
        float[] db = levels.decibels();
        int half = (int) Math.round(AROUND_S / levels.frameSeconds() / 2);
        float[] floor = new float[db.length];
        float[] sorted = new float[2 * half + 2];
        int count = 0;
        for (int i = 0; i < Math.min(half, db.length); i++) {
            count = insert(sorted, count, db[i]);
        }
        for (int i = 0; i < db.length; i++) {
            if (i + half < db.length) {
                count = insert(sorted, count, db[i + half]);
            }
            if (i - half > 0) {
                count = remove(sorted, count, db[i - half - 1]);
            }
            floor[i] = sorted[(int) (FLOOR * (count - 1))];
        }
        return floor;
    }

    private static int insert(float[] sorted, int count, float value) {
        int at = Arrays.binarySearch(sorted, 0, count, value);
        int place = at >= 0 ? at : -at - 1;
        System.arraycopy(sorted, place, sorted, place + 1, count - place);
        sorted[place] = value;
        return count + 1;
    }

    private static int remove(float[] sorted, int count, float value) {
        int place = Arrays.binarySearch(sorted, 0, count, value);
        System.arraycopy(sorted, place + 1, sorted, place, count - place - 1);
        return count - 1;
    }
}

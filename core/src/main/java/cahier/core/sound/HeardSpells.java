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

    private HeardSpells() {
    }

    /** The spells of a recording, from the first on. A click shorter than 0.2 s is none; those less than 2 s apart are one. */
    public static List<Spell> of(SoundLevels levels) {
        float[] db = levels.decibels();
        float[] floor = floor(levels);
        double frame = levels.frameSeconds();
        List<Spell> loud = new ArrayList<>();
        int from = -1;
        for (int i = 0; i <= db.length; i++) {
            boolean above = i < db.length && db[i] >= floor[i] + ABOVE_DB;
            if (above && from < 0) {
                from = i;
            } else if (!above && from >= 0) {
                if (i - from >= Math.round(SHORTEST_S / frame)) {
                    loud.add(new Spell(from * frame, i * frame));
                }
                from = -1;
            }
        }
        return AloneReading.joined(loud);
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

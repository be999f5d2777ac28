package cahier.app.baseline;

import cahier.core.sound.BadSound;
import cahier.core.sound.HeardSpells;
import cahier.core.sound.SoundLevels;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;

/**
 * What was heard in a recording; the sound itself is not kept.
 *
 * @param levels in dB, the loudest of each second
 */
record Recording(List<Findings.Spell> spells, int seconds, List<Float> levels) {

    static Recording read(InputStream in) throws BadSound, IOException {
        SoundLevels sound = SoundLevels.read(in);
        List<Float> levels = new ArrayList<>();
        int frames = (int) Math.round(1 / sound.frameSeconds());
        for (int from = 0; from < sound.decibels().length; from += frames) {
            float loudest = SoundLevels.SILENCE_DB;
            for (int i = from; i < Math.min(from + frames, sound.decibels().length); i++) {
                loudest = Math.max(loudest, sound.decibels()[i]);
            }
            levels.add(Math.round(10 * loudest) / 10f);
        }
        return new Recording(HeardSpells.of(sound).stream().map(s -> new Findings.Spell(Findings.Sign.VOCAL, tenth(s.from()), tenth(s.to()), HeardSpells.isEven(sound, s) ? false : null)).toList(), Math.max(1, (int) Math.round(sound.seconds())), levels);
    }

    private static double tenth(double seconds) {
        return Math.round(10 * seconds) / 10.0;
    }
}

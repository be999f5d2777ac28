package cahier.core.sound;

import cahier.core.alone.Spell;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.SplittableRandom;
import org.jspecify.annotations.Nullable;

/**
 * A stand-in for a recorder left at home: makes a WAV of a made-up dog, the street before the window and the door. The same seed is the same recording.
 *
 * @param spells when the dog is heard, in seconds; a spell longer than {@link #SHORT_S} is whining with breaths between, a shorter one barks
 * @param aboveDb how much louder than the street the dog is, also while a car passes
 * @param doorAt seconds at which the door falls shut; below 0 for none
 * @param stereo two channels instead of one
 * @param machine when something hums evenly, louder than the dog; null for never
 */
public record HomeRecorder(long seed, int rate, double seconds, List<Spell> spells, double aboveDb, double doorAt, boolean stereo, @Nullable Spell machine) {

    private static final double STREET = 0.004;
    private static final double SHORT_S = 60;
    private static final double BARK_S = 0.35;
    private static final double BARK_GAP_S = 0.4;
    private static final double WHINE_S = 1.2;
    private static final double WHINE_GAP_S = 0.5;
    private static final double DOOR_S = 0.08;
    private static final double DOOR = 0.3;
    private static final double CAR_EVERY_S = 47;
    private static final double CAR_S = 9;
    private static final double CAR_DB = 4;
    private static final double BARK_HZ = 520;
    private static final double WHINE_HZ = 900;
    private static final double HUM_HZ = 120;
    private static final double HUM = 1.5;
    private static final int HEADER = 44;

    /** A home in which nothing hums. */
    public HomeRecorder(long seed, int rate, double seconds, List<Spell> spells, double aboveDb, double doorAt, boolean stereo) {
        this(seed, rate, seconds, spells, aboveDb, doorAt, stereo, null);
    }

    public HomeRecorder {
        spells = List.copyOf(spells);
        if (rate < 8000 || !(seconds > 0)) {
            throw new IllegalArgumentException("rate must be 8000 or more and seconds above 0, were " + rate + " and " + seconds);
        }
    }

    /** Writes the WAV, 16 bits, sample by sample. */
    public void write(OutputStream to) throws IOException {
        OutputStream out = new BufferedOutputStream(to, 1 << 16);
        int channels = stereo ? 2 : 1;
        long samples = Math.round(seconds * rate);
        header(out, channels, samples * channels * 2);
        SplittableRandom random = new SplittableRandom(seed);
        double loud = STREET * Math.pow(10, (aboveDb + CAR_DB) / 20) * Math.sqrt(2); // of a tone, whose root mean square is its height by the root of two
        for (long i = 0; i < samples; i++) {
            double t = (double) i / rate;
            double noise = (random.nextDouble() * 2 - 1) * Math.sqrt(3) * STREET * car(t);
            short value = (short) Math.round(Math.max(-1, Math.min(1, noise + loud * voice(t) + hum(t) * loud * HUM + door(t, random))) * Short.MAX_VALUE);
            for (int c = 0; c < channels; c++) {
                out.write(value);
                out.write(value >> 8);
            }
        }
        out.flush();
    }

    /** A car now and then: the street swells, never as loud as the dog. */
    private static double car(double t) {
        double at = t % CAR_EVERY_S;
        return at > CAR_S ? 1 : 1 + (Math.pow(10, CAR_DB / 20) - 1) * Math.sin(Math.PI * at / CAR_S);
    }

    private double voice(double t) {
        for (Spell s : spells) {
            if (t >= s.from() && t < s.to()) {
                boolean whines = s.seconds() > SHORT_S;
                double on = whines ? WHINE_S : BARK_S;
                double cycle = on + (whines ? WHINE_GAP_S : BARK_GAP_S);
                boolean ends = s.to() - t <= on; // the last sound reaches the end of the spell
                return ends || (t - s.from()) % cycle < on ? Math.sin(2 * Math.PI * (whines ? WHINE_HZ : BARK_HZ) * t) : 0;
            }
        }
        return 0;
    }

    private double hum(double t) {
        return machine != null && t >= machine.from() && t < machine.to() ? Math.sin(2 * Math.PI * HUM_HZ * t) : 0;
    }

    private double door(double t, SplittableRandom random) {
        return doorAt >= 0 && t >= doorAt && t < doorAt + DOOR_S ? (random.nextDouble() * 2 - 1) * DOOR : 0;
    }

    private void header(OutputStream out, int channels, long bytes) throws IOException {
        out.write("RIFF".getBytes(StandardCharsets.US_ASCII));
        number(out, bytes + HEADER - 8, 4);
        out.write("WAVEfmt ".getBytes(StandardCharsets.US_ASCII));
        number(out, 16, 4);
        number(out, 1, 2);
        number(out, channels, 2);
        number(out, rate, 4);
        number(out, (long) rate * channels * 2, 4);
        number(out, channels * 2L, 2);
        number(out, 16, 2);
        out.write("data".getBytes(StandardCharsets.US_ASCII));
        number(out, bytes, 4);
    }

    private static void number(OutputStream out, long value, int bytes) throws IOException {
        for (int i = 0; i < bytes; i++) {
            out.write((int) (value >> 8 * i));
        }
    }
}

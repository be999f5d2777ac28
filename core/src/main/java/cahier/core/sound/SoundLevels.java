package cahier.core.sound;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.Arrays;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;

/**
 * How loud a recording is, frame by frame (docs/rules.md 14). The sound itself is read once and not kept.
 *
 * @param decibels of each frame, relative to the loudest a recording can hold; never below {@link #SILENCE_DB}
 * @param frameSeconds how long a frame is: {@link #FRAME_MS}, to the whole sample
 */
public record SoundLevels(float[] decibels, double frameSeconds) {

    public static final int FRAME_MS = 50;
    /** Nothing is quieter than this: below it a recording says only how it was rounded. */
    public static final float SILENCE_DB = -80;
    /** Longest recording, in minutes. */
    public static final int MOST_MIN = 60;

    private static final int FRAMES_A_SECOND = 1000 / FRAME_MS;
    private static final int MOST_FRAMES = MOST_MIN * 60 * FRAMES_A_SECOND;
    private static final int LEAST_RATE = 8000;
    private static final int MOST_RATE = 96_000;
    private static final String WANTED = "must be a WAV file, uncompressed (PCM), 16 bits or more, mono or stereo";
    private static final int MARK = 4096;

    /** Seconds of the recording. */
    public double seconds() {
        return decibels.length * frameSeconds;
    }

    /** Reads a recording as it comes; the stream is left open. */
    public static SoundLevels read(InputStream in) throws BadSound, IOException {
        BufferedInputStream marked = new BufferedInputStream(in, MARK);
        marked.mark(MARK);
        byte[] head = marked.readNBytes(12);
        marked.reset();
        if (head.length == 0) {
            throw new BadSound("The file is empty. It " + WANTED + ".");
        }
        try {
            return read(AudioSystem.getAudioInputStream(marked));
        } catch (UnsupportedAudioFileException e) {
            throw new BadSound("This is " + named(head) + ". It " + WANTED + ".");
        }
    }

    private static String named(byte[] head) {
        if (head.length >= 3 && head[0] == 'I' && head[1] == 'D' && head[2] == '3' || head.length >= 2 && (head[0] & 0xFF) == 0xFF && (head[1] & 0xE0) == 0xE0) {
            return "an MP3";
        }
        if (head.length >= 4 && head[0] == 'R' && head[1] == 'I' && head[2] == 'F' && head[3] == 'F') {
            return "a WAV file that is cut off or compressed";
        }
        return "no sound that can be read";
    }

    private static SoundLevels read(AudioInputStream sound) throws BadSound, IOException {
        AudioFormat format = sound.getFormat();
        int bytes = format.getSampleSizeInBits() / 8;
        int channels = format.getChannels();
        if (!format.getEncoding().equals(AudioFormat.Encoding.PCM_SIGNED) || bytes < 2 || bytes > 4) {
            throw new BadSound("This WAV has " + (bytes == 1 ? "8 bits a sample" : format.getEncoding() + ", " + format.getSampleSizeInBits() + " bits") + ". It " + WANTED + ".");
        }
        if (channels < 1 || channels > 2 || format.getSampleRate() < LEAST_RATE || format.getSampleRate() > MOST_RATE) {
            throw new BadSound("This WAV has " + channels + " channels at " + Math.round(format.getSampleRate()) + " Hz. It must be mono or stereo, from " + LEAST_RATE + " to " + MOST_RATE + " Hz.");
        }
        int perFrame = Math.round(format.getSampleRate() / FRAMES_A_SECOND);
        byte[] buffer = new byte[perFrame * bytes * channels];
        float[] levels = new float[1024];
        int count = 0;
        long read = 0;
        for (int n = sound.readNBytes(buffer, 0, buffer.length); n > 0; n = sound.readNBytes(buffer, 0, buffer.length)) {
            read += n;
            if (n < buffer.length && count > 0) {
                break; // what is left is less than a frame
            }
            if (count == MOST_FRAMES) {
                throw new BadSound("The recording is longer than " + MOST_MIN + " minutes. Cut it.");
            }
            levels = count == levels.length ? Arrays.copyOf(levels, 2 * count) : levels;
            levels[count++] = level(buffer, n, bytes, channels, format.isBigEndian());
        }
        if (count == 0) {
            throw new BadSound("The recording holds no sound. It " + WANTED + ".");
        }
        long promised = sound.getFrameLength() * bytes * channels;
        if (sound.getFrameLength() > 0 && read < promised) {
            throw new BadSound("The recording is cut off: " + Math.round(100.0 * read / promised) + "% of it is here. Send it once more.");
        }
        return new SoundLevels(Arrays.copyOf(levels, count), perFrame / format.getSampleRate());
    }

    /** Root mean square of a frame over all channels. */
    private static float level(byte[] buffer, int length, int bytes, int channels, boolean bigEndian) {
        double sum = 0;
        int samples = length / (bytes * channels) * channels;
        double full = Math.pow(2, 8.0 * bytes - 1);
        for (int i = 0; i < samples; i++) {
            int at = i * bytes;
            int value = buffer[bigEndian ? at : at + bytes - 1];
            for (int b = 1; b < bytes; b++) {
                value = value << 8 | buffer[bigEndian ? at + b : at + bytes - 1 - b] & 0xFF;
            }
            sum += value / full * (value / full);
        }
        return samples == 0 || sum == 0 ? SILENCE_DB : (float) Math.max(SILENCE_DB, 10 * Math.log10(sum / samples));
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof SoundLevels levels && frameSeconds == levels.frameSeconds && Arrays.equals(decibels, levels.decibels);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(decibels);
    }

    @Override
    public String toString() {
        return "SoundLevels of " + seconds() + " s";
    }
}

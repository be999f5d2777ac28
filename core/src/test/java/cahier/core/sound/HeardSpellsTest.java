package cahier.core.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import cahier.core.alone.Spell;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.PipedInputStream;
import java.io.PipedOutputStream;
import java.io.SequenceInputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Made-up recordings: what was put in is found, and what is no recording is named. */
class HeardSpellsTest {

    private static final double CLOSE_S = 0.3;
    private static final List<Spell> DOG = List.of(new Spell(12.3, 15), new Spell(40, 41.1), new Spell(75.5, 98), new Spell(130, 195));

    private static byte[] wav(HomeRecorder recorder) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        recorder.write(out);
        return out.toByteArray();
    }

    private static List<Spell> heard(HomeRecorder recorder) throws Exception {
        return HeardSpells.of(SoundLevels.read(new ByteArrayInputStream(wav(recorder))));
    }

    @ParameterizedTest
    @CsvSource({"1, 8000, false", "2, 16000, false", "3, 22050, true", "4, 44100, false", "5, 48000, true", "6, 16000, true", "7, 11025, false", "8, 32000, false", "9, 16000, false", "10, 16000, true"})
    void eachSpellIsFoundTwelveDecibelsAboveTheStreet(long seed, int rate, boolean stereo) throws Exception {
        List<Spell> heard = heard(new HomeRecorder(seed, rate, 200, DOG, 12, 5, stereo));
        assertThat(heard).as("heard %s", heard).hasSameSizeAs(DOG);
        for (int i = 0; i < DOG.size(); i++) {
            assertThat(heard.get(i).from()).as("from " + i).isCloseTo(DOG.get(i).from(), within(CLOSE_S));
            assertThat(heard.get(i).to()).as("to " + i).isCloseTo(DOG.get(i).to(), within(CLOSE_S));
        }
    }

    @Test
    void nothingIsHeardInSilenceInTheStreetOrOfADoor() throws Exception {
        assertThat(heard(new HomeRecorder(1, 16_000, 120, List.of(), 12, 60, false))).isEmpty();
        byte[] silence = wav(new HomeRecorder(1, 16_000, 60, List.of(), 12, -1, false));
        Arrays.fill(silence, 44, silence.length, (byte) 0);
        assertThat(HeardSpells.of(SoundLevels.read(new ByteArrayInputStream(silence)))).isEmpty();
        for (int i = 44; i < silence.length; i += 34) {
            silence[i] = 1; // the last bit flickers
        }
        assertThat(HeardSpells.of(SoundLevels.read(new ByteArrayInputStream(silence)))).isEmpty();
    }

    /** Ten minutes at 50 ms: so loud while the dog is heard, so loud else, with a breath of noise. */
    private static SoundLevels made(double on, double off, double above, double noise) {
        float[] db = new float[12_000];
        SplittableRandom random = new SplittableRandom(5);
        for (int i = 0; i < db.length; i++) {
            double at = i * 0.05 % (on + off);
            db[i] = (float) (-60 + (at < on - 1e-9 ? above : 0) + noise * random.nextGaussian());
        }
        return new SoundLevels(db, 0.05);
    }

    private static double seconds(List<Spell> spells) {
        return spells.stream().mapToDouble(Spell::seconds).sum();
    }

    @ParameterizedTest
    @CsvSource({"whines 4.5 s of every 5, 4.5, 0.5, 600", "barks of 0.15 s every 0.45, 0.15, 0.3, 600", "howls 50 s of every minute, 50, 10, 500", "barks of 0.1 s every 0.3, 0.1, 0.2, 600", "a bark every 10 s, 0.3, 9.7, 18"})
    void whinesHowlsAndQuickBarksAreFoundWithinATwentiethOfTheirSeconds(String what, double on, double off, double truth) {
        assertThat(seconds(HeardSpells.of(made(on, off, 30, 0.5)))).as(what).isCloseTo(truth, within(0.05 * truth));
    }

    @Test
    void whatIsLoudThroughoutIsNeverQuiet() {
        SoundLevels howl = made(600, 0, 30, 0.5);
        assertThat(HeardSpells.of(howl)).as("nothing to compare with").isEmpty();
        assertThat(HeardSpells.isLoudThroughout(howl.decibels())).isTrue();
        assertThat(HeardSpells.isLoudThroughout(made(600, 0, 0, 0.5).decibels())).as("a quiet street").isFalse();
        assertThat(HeardSpells.isLoudThroughout(made(30, 30, 30, 0.5).decibels())).as("it is heard and found").isFalse();
        assertThat(HeardSpells.isLoudThroughout(new float[0])).isFalse();
    }

    @Test
    void aMachineIsAskedAboutAndADogIsNot() throws Exception {
        SoundLevels machine = made(300, 300, 25, 0.5);
        assertThat(HeardSpells.of(machine)).singleElement().satisfies(s -> assertThat(HeardSpells.isEven(machine, s)).isTrue());
        assertThat(HeardSpells.isEven(machine, new Spell(10, 30))).as("too short to say").isFalse();
        assertThat(HeardSpells.isEven(machine, new Spell(595, 700))).as("beyond the recording").isFalse();
        SoundLevels dog = SoundLevels.read(new ByteArrayInputStream(wav(new HomeRecorder(3, 16_000, 200, DOG, 12, 5, false))));
        assertThat(HeardSpells.of(dog)).noneMatch(s -> HeardSpells.isEven(dog, s));
    }

    @Test
    void theSameSeedIsTheSameRecording() throws Exception {
        HomeRecorder recorder = new HomeRecorder(4, 8000, 20, DOG, 20, 3, false);
        assertThat(wav(recorder)).isEqualTo(wav(recorder)).isNotEqualTo(wav(new HomeRecorder(5, 8000, 20, DOG, 20, 3, false)));
    }

    @Test
    void theFloorIsTheFifthOfTheFramesAround() {
        float[] db = new float[1200];
        for (int i = 0; i < db.length; i++) {
            db[i] = i % 10;
        }
        float[] floor = HeardSpells.floor(new SoundLevels(db, 0.05));
        for (int i = 0; i < db.length; i += 97) {
            float[] around = Arrays.copyOfRange(db, Math.max(0, i - 300), Math.min(db.length, i + 301));
            Arrays.sort(around);
            assertThat(floor[i]).isEqualTo(around[(int) (0.2 * (around.length - 1))]);
        }
    }

    @Test
    void whatIsNoRecordingIsNamed() throws Exception {
        byte[] good = wav(new HomeRecorder(1, 8000, 5, List.of(), 12, -1, false));
        refused(new byte[0], "The file is empty.");
        refused("ID3\u0004and so on, a song".getBytes(StandardCharsets.ISO_8859_1), "This is an MP3.");
        refused(new byte[] {(byte) 0xFF, (byte) 0xFB, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12}, "This is an MP3.");
        refused("a letter to the trainer".getBytes(StandardCharsets.US_ASCII), "This is no sound that can be read.");
        refused(Arrays.copyOf(good, good.length / 2), "The recording is cut off: 50% of it is here.");
        refused(Arrays.copyOf(good, 20), "This is a WAV file that is cut off or compressed.");
        refused(Arrays.copyOf(good, 44), "The recording holds no sound.");
        byte[] eight = good.clone();
        eight[34] = 8;
        eight[32] = 1;
        eight[28] = 0x40;
        eight[29] = 0x1F;
        refused(eight, "This WAV has 8 bits a sample.");
        byte[] slow = good.clone();
        slow[24] = (byte) 0xA0;
        slow[25] = 0x0F;
        refused(slow, "from 8000 to 96000 Hz");
        assertThatIllegalArgumentException().isThrownBy(() -> new HomeRecorder(1, 100, 5, List.of(), 12, -1, false));
    }

    private static void refused(byte[] file, String why) {
        assertThatThrownBy(() -> SoundLevels.read(new ByteArrayInputStream(file))).isInstanceOf(BadSound.class).hasMessageContaining(why);
    }

    /** A recording of an hour is read as it comes, in a heap that could not hold it. */
    @Test
    void anHourFitsIntoASmallHeap() throws Exception {
        Process small = new ProcessBuilder(Path.of(System.getProperty("java.home"), "bin", "java").toString(), "-Xmx64m", "-cp", System.getProperty("java.class.path"), Hour.class.getName()).redirectErrorStream(true).start();
        String said = new String(small.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(small.waitFor(5, TimeUnit.MINUTES)).isTrue();
        assertThat(said.strip()).isEqualTo("4 spells in 3600 s");
    }

    @Test
    void longerThanAnHourIsRefusedBeforeItIsThrough() throws Exception {
        byte[] head = Arrays.copyOf(wav(new HomeRecorder(1, 8000, 1, List.of(), 12, -1, false)), 44);
        head[42] = (byte) 0xFF; // so much is promised
        head[43] = 0x7F;
        InputStream endless = new InputStream() {
            @Override
            public int read() {
                return 0;
            }

            @Override
            public int read(byte[] to, int from, int length) {
                Arrays.fill(to, from, from + length, (byte) 0);
                return length;
            }
        };
        assertThatThrownBy(() -> SoundLevels.read(new SequenceInputStream(new ByteArrayInputStream(head), endless))).isInstanceOf(BadSound.class)
                .hasMessage("The recording is longer than 60 minutes. Cut it.");
    }

    /** Run in a process of its own. */
    static final class Hour {

        private Hour() {
        }

        public static void main(String[] args) throws Exception {
            SoundLevels hour = SoundLevels.read(recording(3600));
            System.out.println(HeardSpells.of(hour).size() + " spells in " + Math.round(hour.seconds()) + " s");
        }

        private static PipedInputStream recording(double seconds) throws IOException {
            PipedInputStream in = new PipedInputStream(1 << 16);
            PipedOutputStream out = new PipedOutputStream(in);
            Thread recorder = new Thread(() -> {
                try (out) {
                    new HomeRecorder(1, 8000, seconds, DOG, 15, -1, true).write(out);
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            });
            recorder.setDaemon(true);
            recorder.start();
            return in;
        }
    }
}

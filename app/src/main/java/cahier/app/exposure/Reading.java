package cahier.app.exposure;

import cahier.app.draw.Drawing;
import cahier.app.language.Words;
import cahier.core.exposure.Closer;
import cahier.core.exposure.LooksToCome;
import cahier.core.exposure.Moving;
import cahier.core.exposure.NextDistance;
import cahier.core.exposure.Phase;
import cahier.core.exposure.Response;
import cahier.core.exposure.Steepness;
import cahier.core.exposure.WorkingDistance;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What one dog's meetings with one kind of trigger say.
 *
 * @param met lately, oldest first
 * @param set where it works now, moved by its answers from where the trainer put it; empty until somebody did
 * @param steps how it comes closer step by step, and how what is still to come is counted
 * @param led how sharply dogs turn, where the estimate leads; empty where it goes step by step
 * @param goal where it is to work in the end, where the trainer said so
 * @param moving how it came there; empty until a distance was set
 * @param fromSeats how many passed where the dog sat at a known distance, and those it was calm at
 * @param before the working distance of two and of four weeks ago, where there was one, oldest first
 */
public record Reading(long dogId, String dog, Threat threat, List<Met> met, OptionalDouble set, Closer.BySteps steps, Optional<Steepness> led, OptionalDouble goal, Optional<Moving> moving, WorkingDistance estimate, Seated fromSeats, List<Double> before,
                      Drawing drawing) {

    /** What passed where the dog sat. */
    public record Seated(int calm, int passed) {
    }

    /** The latest, newest first. */
    public List<Met> latest(int most) {
        List<Met> last = new ArrayList<>(met.subList(Math.max(0, met.size() - most), met.size()));
        Collections.reverse(last);
        return last;
    }

    /** Where a session begins: further off after a pause. Only where a distance was set. */
    public double begins(Set<Long> easierDogs) {
        Moving at = moving.orElseThrow();
        return easierDogs.contains(dogId) && threat.loudness() == 0 ? at.easier() : at.metres();
    }

    /** So many by itself in a row bring it closer. */
    public int run() {
        return led.<Closer>map(Closer.Led::new).orElse(steps).run();
    }

    /** "5,0.75" where the estimate leads: what the phone reckons with. */
    public @Nullable String leads() {
        return led.map(s -> s.median() + "," + s.sd()).orElse(null);
    }

    /** "20.0:UNPROMPTED 18.5:STARED", oldest first: what the phone's estimate takes, where it leads. */
    public @Nullable String seen() {
        return led.isEmpty() ? null : met.stream().map(m -> m.metres() + ":" + m.response().name()).collect(Collectors.joining(" "));
    }

    /** Metres it never goes below by itself. */
    public double nearest() {
        return Math.max(NextDistance.NEAREST, goal.orElse(NextDistance.NEAREST));
    }

    public int count(Response response) {
        return (int) met.stream().filter(m -> m.response() == response).count();
    }

    /** How many looks and pieces lie before the goal, from the shares of what was met lately; empty without a goal, or with no end in sight. */
    public Optional<LooksToCome> toCome() {
        if (goal.isEmpty() || set.isEmpty() || met.isEmpty()) {
            return Optional.empty();
        }
        return LooksToCome.of(set.getAsDouble(), goal.getAsDouble(), steps, (double) count(Response.UNPROMPTED) / met.size(), (double) count(Response.PROMPTED) / met.size());
    }

    /** How long the dog took to be calm again, the middle of those that were timed, in seconds. */
    public OptionalInt calmAfter() {
        int[] timed = met.stream().map(Met::calmAfterS).filter(Objects::nonNull).mapToInt(Integer::intValue).sorted().toArray();
        return timed.length == 0 ? OptionalInt.empty() : OptionalInt.of(timed[timed.length / 2]);
    }

    /** How soon it answered this way, the middle of those that were timed, in seconds. */
    public OptionalDouble answersIn(Response response) {
        double[] timed = met.stream().filter(m -> m.response() == response).map(Met::answeredMs).filter(Objects::nonNull).mapToDouble(ms -> ms / 1000.0).sorted().toArray();
        return timed.length == 0 ? OptionalDouble.empty() : OptionalDouble.of(timed[timed.length / 2]);
    }

    /** "calm while it was coming 6 of 9, beside 8 of 8"; empty where nobody said. */
    public String byPhase() {
        return Arrays.stream(Phase.values()).flatMap(p -> {
            List<Met> there = met.stream().filter(m -> m.phase() == p).toList();
            return there.isEmpty() ? Stream.empty() : Stream.of(Words.say("exposure.Reading.of", p.words(), there.stream().filter(m -> m.response().isCalm()).count(), there.size()));
        }).collect(Collectors.joining(", "));
    }

    /** What the margin proposes to work at while no distance was set: the estimate. After that it moves by itself. */
    public OptionalDouble proposed() {
        if (moving.isPresent()) {
            return OptionalDouble.empty();
        }
        return estimate.curve().isPresent() ? OptionalDouble.of(Math.round(10 * estimate.curve().get().workingMetres()) / 10.0) : estimate.nearestWithCalm();
    }
}

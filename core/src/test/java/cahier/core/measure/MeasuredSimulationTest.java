package cahier.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.core.Rehearsed;
import cahier.core.alone.Departing;
import cahier.core.alone.NextTarget;
import cahier.core.decide.Case;
import cahier.core.decide.Decision;
import cahier.core.decide.Judge;
import cahier.core.decide.PersonGap;
import cahier.core.decide.Suggestion;
import cahier.core.decide.TrackKind;
import cahier.core.exposure.Closer;
import cahier.core.exposure.Exposure;
import cahier.core.exposure.NextDistance;
import cahier.core.exposure.Response;
import cahier.core.exposure.Steepness;
import cahier.core.exposure.WorkingDistance;
import cahier.core.pass.Reach;
import cahier.core.pass.Spread;
import cahier.core.rep.Outcome;
import cahier.core.rep.Rep;
import cahier.core.rep.Role;
import cahier.core.rep.Session;
import cahier.core.rep.Visit;
import java.io.IOException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalLong;
import java.util.SplittableRandom;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** What the rules of steps that measure do to made-up dogs that learn; the tables stand in docs/rules.md 39. */
class MeasuredSimulationTest {

    private static final int DOGS = 100;
    private static final int WEEKS = 52;
    private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
    private static final double LOGIT_80 = Math.log(4);
    private static final int STEEP = 6;

    /** Who moves the distance, and when. */
    private enum Moves {
        /** The trainer, both ways, once a week. */
        WEEKLY,
        /** Further by itself, closer once a week. */
        FURTHER_AT_ONCE,
        /** Both by itself. */
        BOTH_AT_ONCE,
        /** Both by itself, closer as the estimate leads. */
        LED;

        boolean atOnce() {
            return this == BOTH_AT_ONCE || this == LED;
        }
    }

    /**
     * How 100 dogs got on.
     *
     * @param weeks of each to its goal, more than a year where it did not reach it
     */
    private record Table(int[] weeks, long reps, long tooMuch, long calls) {

        String row(String name) {
            int[] sorted = weeks.clone();
            Arrays.sort(sorted);
            long half = Arrays.stream(weeks).filter(w -> w <= WEEKS / 2).count();
            long year = Arrays.stream(weeks).filter(w -> w <= WEEKS).count();
            String middle = sorted[DOGS / 2] > WEEKS ? "over 52" : Integer.toString(sorted[DOGS / 2]);
            return String.format(Locale.ROOT, "| %s | %s | %d | %d | %.1f | %.1f | %.1f |", name, middle, half, year, 100.0 * tooMuch / reps, (double) tooMuch / DOGS, (double) calls / DOGS);
        }
    }

    /** The reps of one dog's sessions, and what is judged when one closes; a call rests the step until the trainer's weekly look. */
    private static final class Logged {

        private final Measure measure;
        private final List<Session> sessions = new ArrayList<>();
        private Optional<Instant> answered = Optional.empty();
        private boolean rests;
        private long calls;

        Logged(Measure measure) {
            this.measure = measure;
        }

        /** Whether the goal is reached with this session. */
        boolean close(LocalDate day, List<Rep> reps) {
            sessions.add(new Session("1", "1", day, true, reps));
            List<Session> visit = sessions.subList(Math.max(0, sessions.size() - 12), sessions.size());
            Suggestion said = Judge.decide(new Case(TrackKind.COMFORT, new Reach(measure, Spread.NONE), 7, new Visit(visit), new Case.Step(0, 1, false, false, 1),
                    new Case.History(false, OptionalLong.of(0), (int) lastSixty(visit), answered, PersonGap.Before.NONE)));
            if (said.decision() == Decision.CALL) {
                rests = true;
                calls++;
            }
            return said.decision() == Decision.DONE;
        }

        private long lastSixty(List<Session> visit) {
            List<Rep> all = visit.stream().flatMap(s -> s.reps().stream()).toList();
            return all.subList(Math.max(0, all.size() - Judge.TOO_OFTEN_REPS), all.size()).stream().filter(Rep::isTooMuch).filter(r -> answered.map(r.at()::isAfter).orElse(true)).count();
        }

        /** The trainer talks to them, and lets them go on; the visit begins anew. */
        void weekly(LocalDate day) {
            if (rests) {
                answered = Optional.of(day.atTime(9, 0).toInstant(ZoneOffset.UTC));
                sessions.clear();
                rests = false;
            }
        }
    }

    private static Rep rep(LocalDate day, int n, Outcome outcome, double value) {
        return new Rep(new UUID(day.toEpochDay(), n), day.atTime(18, 0).toInstant(ZoneOffset.UTC).plusSeconds(60L * n), outcome, Role.WORK, OptionalDouble.of(value));
    }

    /** A dog that is calm 8 times in 10 at 24 m and learns with each calm look near enough; owners go out four days a week for eight looks, and are a little off the distance. */
    private static Table distances(Moves moves) {
        int[] weeks = new int[DOGS];
        long[] sums = new long[3];
        for (int seed = 0; seed < DOGS; seed++) {
            SplittableRandom random = new SplittableRandom(seed);
            Measure measure = new Measure(Measure.Kind.DISTANCE, "DOG", 8, false);
            Logged log = new Logged(measure);
            double threshold = 24;
            double set = 28;
            List<Response> since = new ArrayList<>();
            List<Exposure> met = new ArrayList<>();
            Closer closer = moves == Moves.LED ? new Closer.Led(Steepness.USUAL) : Closer.usual();
            weeks[seed] = WEEKS + 1;
            for (int day = 0; day < 7 * WEEKS && weeks[seed] > WEEKS; day++) {
                LocalDate date = MONDAY.plusDays(day);
                if (day % 7 == 0) {
                    log.weekly(date);
                    set = moves.atOnce() ? set : NextDistance.of(set, since, closer, measure.goal(), List::of).metres();
                    since = moves.atOnce() ? since : new ArrayList<>();
                }
                if (log.rests || day % 7 % 2 == 1) {
                    continue;
                }
                List<Rep> reps = new ArrayList<>();
                int reacted = 0;
                for (int look = 0; look < 8 && reacted < 2; look++) {
                    double at = set * (0.95 + 0.15 * random.nextDouble());
                    boolean calm = random.nextDouble() < 1 / (1 + Math.exp(-LOGIT_80 - STEEP * Math.log(at / threshold)));
                    Response answer = calm ? random.nextDouble() < 0.8 ? Response.UNPROMPTED : Response.PROMPTED : random.nextDouble() < 0.6 ? Response.STARED : Response.REACTED;
                    threshold *= answer == Response.REACTED ? 1.02 : calm && at < 1.6 * threshold ? 0.996 : 1;
                    reacted += answer == Response.REACTED ? 1 : 0;
                    reps.add(rep(date, look, Mapping.of(answer, false), set));
                    since.add(answer);
                    met.add(new Exposure(Math.round(10 * at) / 10.0, answer));
                    NextDistance next = NextDistance.of(set, since, closer, measure.goal(), () -> met.subList(Math.max(0, met.size() - WorkingDistance.MOST), met.size()));
                    if (next.verdict() != NextDistance.Verdict.STAY && (moves.atOnce() || moves == Moves.FURTHER_AT_ONCE && next.verdict() == NextDistance.Verdict.FURTHER)) {
                        set = next.metres();
                        since.clear();
                    }
                }
                if (log.close(date, reps)) {
                    weeks[seed] = day / 7 + 1;
                }
                sums[0] += reps.size();
                sums[1] += reacted;
            }
            sums[2] += log.calls;
        }
        return new Table(weeks, sums[0], sums[1], sums[2]);
    }

    /** A dog that bears 20 s, now more, now less, and more with each calm departure that is long for it; five evenings a week, to half an hour. */
    private static Table departures(boolean atQuiet) {
        int[] weeks = new int[DOGS];
        long[] sums = new long[3];
        for (int seed = 0; seed < DOGS; seed++) {
            SplittableRandom random = new SplittableRandom(seed);
            Measure measure = new Measure(Measure.Kind.ALONE, "", 1800, false);
            Logged log = new Logged(measure);
            double bears = 20;
            double target = 1;
            weeks[seed] = WEEKS + 1;
            for (int day = 0; day < 7 * WEEKS && weeks[seed] > WEEKS; day++) {
                LocalDate date = MONDAY.plusDays(day);
                if (day % 7 == 0) {
                    log.weekly(date);
                }
                if (log.rests || day % 7 > 4) {
                    continue;
                }
                List<Integer> left = new ArrayList<>(NextTarget.departures(Math.min(target, measure.goal())));
                List<Rep> reps = new ArrayList<>();
                double calmest = 0;
                double soonest = Double.MAX_VALUE;
                int upsets = 0;
                while (!left.isEmpty()) {
                    int seconds = left.remove(0);
                    double today = bears * Math.exp(0.15 * random.nextGaussian());
                    boolean upset = seconds > today;
                    bears *= upset ? 0.97 : seconds >= 0.5 * bears ? 1.04 : 1;
                    reps.add(rep(date, reps.size(), Mapping.ofDeparture(upset), upset ? today : seconds));
                    if (upset) {
                        upsets++;
                        soonest = Math.min(soonest, today);
                        left = new ArrayList<>(Departing.afterUpset(left, (int) Math.max(1, today), upsets, atQuiet));
                    } else {
                        calmest = Math.max(calmest, seconds);
                    }
                }
                target = NextTarget.after(calmest > 0 ? OptionalDouble.of(calmest) : OptionalDouble.empty(), upsets > 0 ? OptionalDouble.of(soonest) : OptionalDouble.empty());
                if (log.close(date, reps)) {
                    weeks[seed] = day / 7 + 1;
                }
                sums[0] += reps.size();
                sums[1] += upsets;
            }
            sums[2] += log.calls;
        }
        return new Table(weeks, sums[0], sums[1], sums[2]);
    }

    @Test
    void theTablesStandInTheRules() throws IOException {
        Table both = distances(Moves.BOTH_AT_ONCE);
        Table weekly = distances(Moves.WEEKLY);
        List<String> table = List.of(weekly.row("a distance, moved by the trainer once a week"), distances(Moves.FURTHER_AT_ONCE).row("further at once, closer once a week"), both.row("both at once"), distances(Moves.LED).row("both at once, led by the estimate"),
                departures(false).row("time alone, back before a noise"), departures(true).row("time alone, at a second of quiet"));
        assertThat(both.tooMuch()).as("coming closer by itself costs a dog no more reactions on the way").isLessThan(weekly.tooMuch());
        Rehearsed.rows("measured", table);
    }
}

package cahier.core.forecast;

import cahier.core.measure.Measure;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;

/**
 * When a track may reach its goal (docs/rules.md 8).
 *
 * @param early the day by which one run in ten is there; empty when beyond a year
 * @param middle the day by which half of them are
 * @param late the day by which nine in ten are
 * @param byNextLesson share of runs that are there by the next lesson; 0 without one
 * @param stepAtNextLesson where half of the runs are by then, 0 is the current step; empty without a next lesson
 * @param why why it is not in sight; empty when at least half of the runs get there
 */
public record Forecast(Optional<LocalDate> early, Optional<LocalDate> middle, Optional<LocalDate> late, double byNextLesson, Optional<Integer> stepAtNextLesson, Optional<Why> why) {

    public static final int RUNS = 2000;
    /** Days of practice that are looked at, and drawn from. */
    public static final int HISTORY_DAYS = 21;
    private static final int HORIZON_DAYS = 365;
    private static final int DAYS_A_WEEK = 7;
    /** With fewer days of practice looked at, the dose on most days is taken instead. */
    public static final int FEWEST_DAYS = 3;
    private static final int LOOKS_IN_A_ROW = 5;
    private static final double SETBACKS = 1.3;
    private static final int NEVER = Integer.MAX_VALUE;

    /** Why the goal is not in sight. */
    public enum Why {
        /** No rep within the days looked at. */
        NO_PRACTICE,
        /** Most runs are not there within a year. */
        BEYOND_A_YEAR
    }

    /**
     * A step that is still to be passed.
     *
     * @param usual reps it usually takes ({@link Effort#baseline}), above 0
     * @param least reps it takes at the least, 0 or more
     */
    public record Ahead(double usual, int least) {

        public Ahead {
            if (!(usual > 0) || least < 0) {
                throw new IllegalArgumentException("usual must be above 0 and least 0 or more, were " + usual + " and " + least);
            }
        }
    }

    /**
     * One adjusting of a step that measures, as a step of its own: five looks in a row, a session of departures, a sitting, a walk, two sessions of a zone, each with the room
     * that setbacks take.
     *
     * @param dose reps a session, 1 or more
     */
    public static Ahead oneAdjusting(Measure.Kind kind, int dose) {
        return switch (kind) {
            case DISTANCE, NOISE -> new Ahead(Effort.expectedReps(Effort.BASELINE_P, LOOKS_IN_A_ROW), LOOKS_IN_A_ROW);
            case ALONE, SITTING -> new Ahead(SETBACKS * dose, dose);
            case WALK -> new Ahead(SETBACKS, 1);
            case ZONE -> new Ahead(2 * SETBACKS * dose, 2);
        };
    }

    /**
     * What is known of a track.
     *
     * @param pace how it has gone so far
     * @param ahead the current step first, at least one
     * @param spent reps spent on the current step already
     * @param days reps on each of the last days, newest last, at most {@link #HISTORY_DAYS}; days before the track began are left out
     * @param doseADay reps a day the sheet asks for, 1 or more
     */
    public record Track(Pace pace, List<Ahead> ahead, int spent, List<Integer> days, int doseADay) {

        public Track {
            ahead = List.copyOf(ahead);
            days = List.copyOf(days);
            if (ahead.isEmpty() || spent < 0 || doseADay < 1 || days.size() > HISTORY_DAYS) {
                throw new IllegalArgumentException("ahead must not be empty, spent 0 or more, doseADay 1 or more, days at most " + HISTORY_DAYS + "; were " + ahead.size() + ", " + spent + ", " + doseADay + ", " + days.size());
            }
        }

        int reps() {
            return days.stream().mapToInt(Integer::intValue).sum();
        }
    }

    /** Many runs from today on; the same seed gives the same forecast. */
    public static Forecast of(Track track, LocalDate today, Optional<LocalDate> nextLesson, long seed, int runs) {
        boolean known = track.days().size() >= FEWEST_DAYS;
        if (known && track.reps() == 0) {
            return new Forecast(Optional.empty(), Optional.empty(), Optional.empty(), 0, nextLesson.map(d -> 0), Optional.of(Why.NO_PRACTICE));
        }
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        int lessonIn = nextLesson.map(d -> (int) ChronoUnit.DAYS.between(today, d)).orElse(-1);
        int[] done = new int[runs];
        int[] atLesson = new int[runs];
        List<Pace.Draw> dogs = dogs(track, runs, random);
        Ahead[] ahead = track.ahead().toArray(Ahead[]::new); // read some hundred thousand times
        for (int run = 0; run < runs; run++) {
            int[] dayOfStep = run(ahead, track.spent(), dogs.get(run), known ? Days.like(track.days(), random) : Days.unknown(track.doseADay(), random), random);
            done[run] = dayOfStep[dayOfStep.length - 1];
            atLesson[run] = within(dayOfStep, lessonIn);
        }
        Arrays.sort(done);
        Arrays.sort(atLesson);
        int there = within(done, lessonIn);
        Optional<LocalDate> middle = day(done, 0.5, today);
        return new Forecast(day(done, 0.1, today), middle, day(done, 0.9, today), (double) there / runs, nextLesson.map(d -> atLesson[(runs - 1) / 2]),
                middle.isPresent() ? Optional.empty() : Optional.of(Why.BEYOND_A_YEAR));
    }

    /** How many of the days, in order, come no later. */
    private static int within(int[] days, int last) {
        int count = 0;
        while (count < days.length && days[count] <= last) {
            count++;
        }
        return count;
    }

    private static Optional<LocalDate> day(int[] sorted, double share, LocalDate today) {
        int day = sorted[(int) Math.ceil(share * sorted.length) - 1];
        return day == NEVER ? Optional.empty() : Optional.of(today.plusDays(day));
    }

    /** Days from today on which each step ahead is passed. */
    private static int[] run(Ahead[] ahead, int spent, Pace.Draw dog, Days days, RandomGenerator random) {
        double[] until = reps(ahead, spent, dog, random);
        int[] passed = new int[until.length];
        Arrays.fill(passed, NEVER);
        double reps = 0;
        int step = 0;
        for (int day = 0; day <= HORIZON_DAYS && step < until.length; day++) {
            reps += day == 0 ? 0 : days.next(random); // today's practice is over or not yet begun
            while (step < until.length && reps >= until[step]) {
                passed[step++] = day;
            }
        }
        return passed;
    }

    /**
     * The dogs of the runs: as likely as their pace, and as it is that such a dog has not passed the current step after what was spent on it. Who is stuck is slow, not nearly there.
     */
    private static List<Pace.Draw> dogs(Track track, int runs, RandomGenerator random) {
        Ahead current = track.ahead().get(0);
        List<Pace.Draw> pool = new ArrayList<>(runs);
        double[] sums = new double[runs];
        double sum = 0;
        for (int i = 0; i < runs; i++) {
            Pace.Draw dog = track.pace().draw(random);
            pool.add(dog);
            sum += track.spent() < current.least() ? 1 : dog.notYet(track.spent() / current.usual());
            sums[i] = sum;
        }
        if (!(sum > 0)) {
            return pool;
        }
        List<Pace.Draw> dogs = new ArrayList<>(runs);
        double start = random.nextDouble();
        int at = 0;
        for (int i = 0; i < runs; i++) {
            double point = (i + start) * sum / runs;
            while (at < runs - 1 && sums[at] < point) {
                at++;
            }
            dogs.add(pool.get(at));
        }
        return dogs;
    }

    /** Reps from now on until each step ahead is passed. */
    private static double[] reps(Ahead[] ahead, int spent, Pace.Draw dog, RandomGenerator random) {
        double[] until = new double[ahead.length];
        double sum = 0;
        for (int i = 0; i < until.length; i++) {
            Ahead step = ahead[i];
            if (i > 0) {
                sum += cost(step, dog, random);
            } else if (spent < step.least()) {
                sum = Math.max(1, cost(step, dog, random) - spent);
            } else {
                sum = Math.max(1, step.usual() * dog.factorOver(spent / step.usual(), random) - spent); // it is not passed yet, so that at least one rep is to come
            }
            until[i] = sum;
        }
        return until;
    }

    private static double cost(Ahead step, Pace.Draw dog, RandomGenerator random) {
        return Math.max(step.usual() * dog.factor(random), step.least());
    }

    /**
     * Three weeks as they would be at another rhythm, for {@link Track#days}.
     *
     * @param sessionsAWeek 1 to 21, spread as evenly as they go
     * @param repsASession 1 or more
     */
    public static List<Integer> rhythm(int sessionsAWeek, int repsASession) {
        if (sessionsAWeek < 1 || sessionsAWeek > HISTORY_DAYS || repsASession < 1) {
            throw new IllegalArgumentException("sessionsAWeek must be from 1 to " + HISTORY_DAYS + " and repsASession 1 or more, were " + sessionsAWeek + " and " + repsASession);
        }
        List<Integer> days = new ArrayList<>();
        for (int day = 0; day < HISTORY_DAYS; day++) {
            days.add(repsASession * ((day + 1) * sessionsAWeek / DAYS_A_WEEK - day * sessionsAWeek / DAYS_A_WEEK));
        }
        return days;
    }

    /** Days with their reps from sums that leave days without practice out, the track having begun on a day. */
    public static List<Integer> history(Map<LocalDate, Integer> repsOfDay, LocalDate began, LocalDate today) {
        List<Integer> days = new ArrayList<>();
        LocalDate from = began.isAfter(today.minusDays(HISTORY_DAYS - 1L)) ? began : today.minusDays(HISTORY_DAYS - 1L);
        for (LocalDate day = from; !day.isAfter(today); day = day.plusDays(1)) {
            if (day.isBefore(today) || repsOfDay.getOrDefault(day, 0) > 0) {
                days.add(repsOfDay.getOrDefault(day, 0)); // a day that is not over is no day without practice
            }
        }
        return days;
    }
}

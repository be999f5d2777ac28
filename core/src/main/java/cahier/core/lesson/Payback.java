package cahier.core.lesson;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * Whether a chain that is done daily has given back the time its teaching took (docs/rules.md 28).
 *
 * @param weeks those with a timed clean passage, oldest first
 * @param beforeS seconds a passage took before it was taught
 * @param savedMinutes saved until today
 * @param spentMinutes spent teaching until today
 * @param paidOn the day on which it has paid for itself, past or to come at the pace of the latest week; empty when not in sight
 */
public record Payback(List<Week> weeks, double beforeS, double savedMinutes, double spentMinutes, Optional<LocalDate> paidOn) {

    /** Most uses a day that are believed. */
    public static final int MOST_USES = 50;
    private static final int DAYS = 7;
    private static final int LOOKS_AHEAD_DAYS = 3 * 365;
    private static final double SECONDS = 60;
    /** What the last rep of a sitting took, that nobody timed. */
    private static final Duration LAST_REP = Duration.ofSeconds(30);

    /** One clean passage, from the first event to the last, in seconds above 0. */
    public record Passage(LocalDate day, double seconds) {

        public Passage {
            if (!(seconds > 0) || Double.isInfinite(seconds)) {
                throw new IllegalArgumentException("seconds must be above 0, was " + seconds);
            }
        }
    }

    /**
     * Seven days from the first passage on.
     *
     * @param medianS middle of its clean passages, in seconds
     */
    public record Week(LocalDate from, double medianS, int passages) {
    }

    public Payback {
        weeks = List.copyOf(weeks);
    }

    /**
     * Minutes spent teaching: each sitting from its first rep to its last, and half a minute for that one.
     *
     * @param sittings when the reps of each happened, in any order; one without reps took nothing
     */
    public static double spentMinutes(Collection<List<Instant>> sittings) {
        return sittings.stream().filter(reps -> !reps.isEmpty())
                .mapToDouble(reps -> Duration.between(Collections.min(reps), Collections.max(reps)).plus(LAST_REP).toSeconds() / SECONDS).sum();
    }

    /**
     * Reckons from timed passages.
     *
     * @param beforeS seconds a passage took before, above 0; empty for the middle of the first week
     * @param usesADay 1 to {@link #MOST_USES}
     * @param spentMinutes 0 or more
     * @return empty without a passage
     */
    public static Optional<Payback> of(List<Passage> passages, Optional<Double> beforeS, int usesADay, double spentMinutes, LocalDate today) {
        if (usesADay < 1 || usesADay > MOST_USES) {
            throw new IllegalArgumentException("usesADay must be from 1 to " + MOST_USES + ", was " + usesADay);
        }
        if (!(spentMinutes >= 0)) {
            throw new IllegalArgumentException("spentMinutes must be 0 or more, was " + spentMinutes);
        }
        if (beforeS.filter(s -> !(s > 0)).isPresent()) {
            throw new IllegalArgumentException("beforeS must be above 0, was " + beforeS.get());
        }
        List<Week> weeks = weeks(passages);
        if (weeks.isEmpty()) {
            return Optional.empty();
        }
        double before = beforeS.orElse(weeks.get(0).medianS());
        double saved = 0;
        double savedToday = 0;
        Optional<LocalDate> paid = Optional.empty();
        LocalDate end = today.plusDays(LOOKS_AHEAD_DAYS);
        for (LocalDate day = weeks.get(0).from(); !day.isAfter(end) && (paid.isEmpty() || !day.isAfter(today)); day = day.plusDays(1)) {
            saved += usesADay * Math.max(0, before - at(weeks, day)) / SECONDS;
            if (!day.isAfter(today)) {
                savedToday = saved;
            }
            if (paid.isEmpty() && saved > 0 && saved >= spentMinutes) {
                paid = Optional.of(day);
            }
        }
        return Optional.of(new Payback(weeks, before, savedToday, spentMinutes, paid));
    }

    private static List<Week> weeks(List<Passage> passages) {
        Optional<LocalDate> first = passages.stream().map(Passage::day).min(Comparator.naturalOrder());
        Map<LocalDate, List<Double>> byWeek = passages.stream().collect(Collectors.groupingBy(
                p -> p.day().minusDays(ChronoUnit.DAYS.between(first.orElseThrow(), p.day()) % DAYS), TreeMap::new, Collectors.mapping(Passage::seconds, Collectors.toList())));
        List<Week> weeks = new ArrayList<>();
        byWeek.forEach((from, seconds) -> weeks.add(new Week(from, median(seconds), seconds.size())));
        return weeks;
    }

    private static double median(List<Double> values) {
        List<Double> sorted = values.stream().sorted().toList();
        int half = sorted.size() / 2;
        return sorted.size() % 2 == 1 ? sorted.get(half) : (sorted.get(half - 1) + sorted.get(half)) / 2;
    }

    /** What a passage takes on a day: the middle of the latest week that has begun. */
    private static double at(List<Week> weeks, LocalDate day) {
        return weeks.stream().filter(w -> !w.from().isAfter(day)).reduce((a, b) -> b).orElseThrow().medianS();
    }
}

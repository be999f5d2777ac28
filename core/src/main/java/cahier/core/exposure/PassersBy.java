package cahier.core.exposure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;

/**
 * Who passes where, hour by hour (docs/rules.md 26).
 *
 * @param hours those in which somebody looked or something was met, by place, then hour
 */
public record PassersBy(List<Hour> hours) {

    /** Fewer minutes than this say nothing of an hour. */
    public static final int ENOUGH_MIN = LongWatching.ENOUGH_MIN;
    /** The middle of what suits, in minutes between two. */
    private static final double BEST_MIN = (Traffic.LEAST_MIN + Traffic.MOST_MIN) / 2.0;

    /**
     * What was seen at a place in an hour of the day; several looks at the same are added up.
     *
     * @param hour 0 to 23, in the household's zone
     * @param minutes somebody looked for; 0 where something was met and nobody counted
     */
    public record Hour(String place, int hour, double minutes, int dogs, int people, int others) {

        public Hour {
            Objects.requireNonNull(place, "place");
            if (hour < 0 || hour > 23 || !(minutes >= 0) || dogs < 0 || people < 0 || others < 0) {
                throw new IllegalArgumentException("hour must be from 0 to 23 and nothing below 0, were " + hour + ", " + minutes + ", " + dogs + ", " + people + ", " + others);
            }
        }

        public int passed() {
            return dogs + people + others;
        }

        /** Whether as many pass as suit; nothing until somebody looked for {@link #ENOUGH_MIN} minutes. */
        public Optional<Traffic> traffic() {
            return minutes < ENOUGH_MIN ? Optional.empty() : Optional.of(Traffic.of(passed(), minutes));
        }

        private double off() {
            return Math.abs(Math.log(minutes / passed() / BEST_MIN));
        }
    }

    public PassersBy {
        hours = List.copyOf(hours);
    }

    /** Adds up the looks, in any order. */
    public static PassersBy of(List<Hour> looks) {
        record At(String place, int hour) {
        }
        List<Hour> hours = new ArrayList<>();
        looks.stream().collect(Collectors.groupingBy(l -> new At(l.place(), l.hour()))).forEach((at, same) ->
                hours.add(new Hour(at.place(), at.hour(), same.stream().mapToDouble(Hour::minutes).sum(), sum(same, Hour::dogs), sum(same, Hour::people), sum(same, Hour::others))));
        hours.sort(Comparator.comparing(Hour::place).thenComparingInt(Hour::hour));
        return new PassersBy(hours);
    }

    private static int sum(List<Hour> looks, ToIntFunction<Hour> of) {
        return looks.stream().mapToInt(of).sum();
    }

    /** Where and when to sit: of those that suit the one in which the time between two is nearest to the middle of what suits. */
    public Optional<Hour> best() {
        return with(Traffic.SUITS).stream().min(Comparator.comparingDouble(Hour::off).thenComparing(Hour::place).thenComparingInt(Hour::hour));
    }

    /** Those of one kind. */
    public List<Hour> with(Traffic traffic) {
        return hours.stream().filter(h -> h.traffic().filter(traffic::equals).isPresent()).toList();
    }

    /** Where to count next: of the hours in which something was met and nobody looked long enough, the one with most. */
    public Optional<Hour> toCount() {
        return hours.stream().filter(h -> h.traffic().isEmpty() && h.passed() > 0).min(Comparator.comparingInt(Hour::passed).reversed().thenComparing(Hour::place).thenComparingInt(Hour::hour));
    }
}

package cahier.app.step;

import cahier.app.climb.ClimbPlan;
import cahier.app.climb.Growth;
import cahier.app.exposure.Threat;
import cahier.app.language.Words;
import cahier.app.track.PayWords;
import cahier.app.track.Step;
import cahier.app.web.Check;
import cahier.app.web.Measures;
import cahier.core.climb.Climb;
import cahier.core.climb.Unit;
import cahier.core.pay.Feeding;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * What climbs, as it is typed.
 *
 * @param base id of the step whose other fields the new ones take
 * @param first which criterion is raised first
 */
record ClimbForm(@Nullable String base, @Nullable String first, @Nullable String durationFrom, @Nullable String durationTo, @Nullable String durationGrowth,
                 @Nullable String distanceFrom, @Nullable String distanceTo, @Nullable String distanceGrowth, @Nullable String distractions,
                 @Nullable String places, @Nullable String supports, @Nullable String food) {

    static ClimbForm of(Step base) {
        String duration = base.plan().durationS() == null ? "" : Measures.plain(base.plan().durationS(), 1) + " s";
        String distance = base.plan().distanceM() == null ? "" : Measures.plain(base.plan().distanceM(), 2) + " m";
        return new ClimbForm(Long.toString(base.id()), "duration", duration, "", "1.5 times", distance, "", "by 1 m", "", "", "", "");
    }

    /** A noise comes nearer, then louder: its loudness and its distance are two criteria of one staircase (docs/rules.md 9). */
    static ClimbForm ofNoise(Step base, int loudness, double metres) {
        String louder = IntStream.rangeClosed(Math.max(1, loudness), Threat.LOUDNESS.size()).mapToObj(l -> Words.say("step.ClimbForm.loudness", l, Threat.LOUDNESS.get(l - 1))).collect(Collectors.joining("\n"));
        return new ClimbForm(Long.toString(base.id()), "distance", "", "", "1.5 times", metres > 0 ? Measures.plain(metres, 1) + " m" : "", "2 m", "1.5 times", louder, "", "", "");
    }

    /**
     * The criteria that climb, the first to be raised first; refusals stand beside their fields.
     *
     * @param fedNow how often the step is fed that the others are made from
     */
    List<ClimbPlan.Criterion<?>> read(Check check, Feeding fedNow) {
        Map<String, ClimbPlan.Criterion<?>> criteria = new LinkedHashMap<>();
        numbers(check, "duration", Unit.SECONDS, Measures::seconds, durationFrom, durationTo, durationGrowth).ifPresent(v -> criteria.put("duration", ClimbPlan.duration(v)));
        numbers(check, "distance", Unit.METRES, Measures::metres, distanceFrom, distanceTo, distanceGrowth).ifPresent(v -> criteria.put("distance", ClimbPlan.distance(v)));
        words(check, "distractions", distractions).ifPresent(v -> criteria.put("distractions", ClimbPlan.distraction(v)));
        words(check, "places", places).ifPresent(v -> criteria.put("places", ClimbPlan.place(v)));
        words(check, "supports", supports).ifPresent(v -> criteria.put("supports", ClimbPlan.support(v)));
        food(check, fedNow).ifPresent(v -> criteria.put("food", ClimbPlan.food(v)));
        return criteria.entrySet().stream().sorted(Comparator.comparing(e -> !e.getKey().equals(first))).<ClimbPlan.Criterion<?>>map(Map.Entry::getValue).toList();
    }

    private Optional<List<Feeding>> food(Check check, Feeding now) {
        if (food == null || food.isBlank()) {
            return Optional.empty();
        }
        Feeding last = check.choice("food", food, Feeding.class);
        if (last.compareTo(now) <= 0) {
            check.refuse("food", Words.say("step.ClimbForm.must-be-rarer-than-now", PayWords.of(now), PayWords.of(last)));
            return Optional.empty();
        }
        return Optional.of(now.downTo(last));
    }

    private static Optional<List<Double>> numbers(Check check, String name, Unit unit, Function<String, Double> measure, @Nullable String from,
                                                            @Nullable String to, @Nullable String growth) {
        OptionalDouble start = check.measure(name + "From", from, measure);
        OptionalDouble goal = check.measure(name + "To", to, measure);
        if (start.isEmpty() || goal.isEmpty()) {
            if (goal.isPresent()) {
                check.refuse(name + "From", Words.say("step.ClimbForm.must-be-given-when-there"));
            }
            return Optional.empty();
        }
        try {
            return Optional.of(Growth.read(growth == null ? "" : growth, measure::apply).climb(unit, start.getAsDouble(), goal.getAsDouble()));
        } catch (IllegalArgumentException e) {
            check.refuse(name + "Growth", String.valueOf(e.getMessage()));
            return Optional.empty();
        }
    }

    private static Optional<List<String>> words(Check check, String name, @Nullable String typed) {
        List<String> lines = (typed == null ? "" : typed).lines().map(String::strip).filter(s -> !s.isEmpty()).toList();
        if (lines.isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(Climb.list(lines));
        } catch (IllegalArgumentException e) {
            check.refuse(name, String.valueOf(e.getMessage()));
            return Optional.empty();
        }
    }
}

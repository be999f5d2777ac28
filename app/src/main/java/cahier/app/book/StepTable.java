package cahier.app.book;

import cahier.app.household.Place;
import cahier.app.language.Words;
import cahier.app.step.Cell;
import cahier.app.step.StepAsks;
import cahier.app.track.Step;
import cahier.app.track.StepPlan;
import cahier.app.track.TrackSteps;
import cahier.core.climb.Between.Criterion;
import cahier.core.climb.Rising;
import cahier.core.climb.Unit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The steps of a track as a table that is edited where it stands, with the rule <em>raise one thing, relax the rest</em> drawn into it.
 *
 * @param crowded steps that raise two things or more, for the margin
 */
public record StepTable(TrackSteps map, List<Head> heads, List<Row> rows, List<Crowded> crowded) {

    private static final int BEYOND = 2;
    private static final Map<Cell, Criterion> CRITERIA = new EnumMap<>(Map.of(Cell.PLACE, Criterion.PLACE, Cell.DISTANCE, Criterion.DISTANCE, Cell.DURATION, Criterion.DURATION,
            Cell.DISTRACTION, Criterion.DISTRACTION, Cell.COMPANY, Criterion.COMPANY, Cell.WORD, Criterion.WORD));
    private static final Map<Criterion, String> WORDS = new EnumMap<>(Map.of(Criterion.COMPANY, "lead and company"));

    /**
     * A column, with the scale that its steps stand on.
     *
     * @param stops from easy to hard; empty where the column has no scale
     */
    public record Head(Cell cell, List<Stop> stops) {
    }

    /** A place on a scale: as it is typed, and as it is read. */
    public record Stop(String typed, String says) {
    }

    /**
     * A step.
     *
     * @param at 0-based
     */
    public record Row(Step step, int at, List<Entry> entries, boolean crowded) {
    }

    /**
     * What stands in a cell.
     *
     * @param same whether the step before has the same
     * @param move "raised", "relaxed" or nothing
     * @param editable whether it is edited here
     */
    public record Entry(Cell cell, String shown, String typed, boolean same, String move, boolean editable) {
    }

    /** "Step 4 raises two things: place and distance." */
    public record Crowded(long step, int number, String says) {
    }

    static StepTable of(TrackSteps map, List<Place> places) {
        Rising rising = StepAsks.rising(map, places);
        List<Row> rows = new ArrayList<>();
        List<Crowded> crowded = new ArrayList<>();
        int now = map.currentIndex().orElse(-1);
        for (int i = 0; i < map.steps().size(); i++) {
            boolean compared = i > 0 && map.steps().get(i).measure().isEmpty() && map.steps().get(i - 1).measure().isEmpty();
            List<Criterion> raised = compared ? rising.raised(i - 1, i) : List.of();
            List<Criterion> relaxed = compared ? rising.relaxed(i - 1, i) : List.of();
            Step step = map.steps().get(i);
            StepPlan before = i == 0 || i == now ? null : map.steps().get(i - 1).plan();
            rows.add(new Row(step, i, Stream.of(Cell.values()).map(c -> entry(c, step, before, raised, relaxed)).toList(), raised.size() >= Rising.TOO_MANY));
            if (raised.size() >= Rising.TOO_MANY) {
                crowded.add(new Crowded(step.id(), i + 1, Words.say("book.StepTable.step-raises-things", (i + 1), raised.size(), listed(raised))));
            }
        }
        return new StepTable(map, Stream.of(Cell.values()).map(c -> new Head(c, stops(c, map, rising, places))).toList(), rows, crowded);
    }

    private static Entry entry(Cell cell, Step step, @Nullable StepPlan before, List<Criterion> raised, List<Criterion> relaxed) {
        String shown = cell.shown(step.plan());
        Criterion criterion = CRITERIA.get(cell);
        String move = criterion == null ? "" : raised.contains(criterion) ? "raised" : relaxed.contains(criterion) ? "relaxed" : "";
        boolean same = cell != Cell.TITLE && before != null && !shown.isEmpty() && shown.equals(cell.shown(before));
        return new Entry(cell, shown, cell.typed(step.written()), same, move, cell.fits(step.written()));
    }

    private static String listed(List<Criterion> raised) {
        List<String> words = raised.stream().map(c -> WORDS.getOrDefault(c, c.name().toLowerCase(Locale.ROOT))).toList();
        return Words.say("book.StepTable.and", String.join(", ", words.subList(0, words.size() - 1)), words.get(words.size() - 1));
    }

    private static List<Stop> stops(Cell cell, TrackSteps map, Rising rising, List<Place> places) {
        List<StepPlan> plans = map.steps().stream().map(Step::written).toList();
        if (plans.isEmpty()) {
            return List.of();
        }
        return switch (cell) {
            case DISTANCE -> figures(cell, plans.get(0), plans.stream().map(StepPlan::distanceM).filter(Objects::nonNull).distinct().toList(), Unit.METRES, rising.isNearer(), StepPlan::withDistance);
            case DURATION -> figures(cell, plans.get(0), plans.stream().map(StepPlan::durationS).filter(Objects::nonNull).distinct().toList(), Unit.SECONDS, false, StepPlan::withDuration);
            case PLACE -> words(Stream.concat(places.stream().sorted(Comparator.comparingInt(Place::difficulty)).map(Place::name), plans.stream().map(StepPlan::place)));
            case DISTRACTION -> words(plans.stream().map(StepPlan::distraction));
            case COMPANY -> words(plans.stream().map(StepPlan::who));
            default -> List.of();
        };
    }

    private static List<Stop> figures(Cell cell, StepPlan any, List<Double> used, Unit unit, boolean falling, BiFunction<StepPlan, Double, StepPlan> with) {
        if (used.isEmpty()) {
            return List.of();
        }
        List<Double> values = unit.around(used, BEYOND);
        Function<Double, Stop> stop = v -> new Stop(cell.typed(with.apply(any, v)), cell.shown(with.apply(any, v)));
        return values.stream().sorted(falling ? Comparator.reverseOrder() : Comparator.naturalOrder()).map(stop).toList();
    }

    private static List<Stop> words(Stream<String> used) {
        List<String> distinct = new ArrayList<>();
        used.forEach(w -> {
            if (distinct.stream().noneMatch(w::equalsIgnoreCase)) {
                distinct.add(w);
            }
        });
        return distinct.size() < 2 ? List.of() : distinct.stream().map(w -> new Stop(w, w.isEmpty() ? "none" : w)).toList();
    }
}

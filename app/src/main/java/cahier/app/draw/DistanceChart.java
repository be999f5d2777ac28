package cahier.app.draw;

import cahier.app.language.Words;
import cahier.core.exposure.Exposure;
import cahier.core.exposure.Response;
import cahier.core.exposure.WorkingDistance.Curve;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;

/** What a dog did over the distance it was at: calm above, not calm below, the fitted curve between, the interval hatched, the trainer's choice as the goal line. */
public final class DistanceChart {

    private static final double WIDTH = 640;
    private static final double HEIGHT = 236;
    private static final double LEFT = 64;
    private static final double RIGHT = 16;
    private static final double TOP = 46;
    private static final double FLOOR = 176;
    private static final double MARK = 16;
    private static final double GLYPH = 24;
    private static final double LANE = 18;
    private static final int LANES = 2;
    private static final double HATCH = 6;
    private static final int POINTS = 60;
    private static final double ROOM = 1.15;
    private static final double LEAST_RANGE = 5;
    private static final double[] STEPS = {1, 2, 5, 10, 20, 50, 100, 200};
    private static final int MOST_TICKS = 8;
    private static final Map<Response, Glyph> GLYPHS = new EnumMap<>(Map.of(Response.UNPROMPTED, Glyph.CLEAN, Response.PROMPTED, Glyph.HELPED, Response.STARED, Glyph.MISSED,
            Response.REACTED, Glyph.TOO_MUCH));

    private final double range;

    private DistanceChart(double range) {
        this.range = range;
    }

    /** The mark of an answer: those of the reps. */
    public static Glyph mark(Response response) {
        return Objects.requireNonNull(GLYPHS.get(response));
    }

    /**
     * The drawing.
     *
     * @param set where the trainer has the dog work, metres
     * @param said the estimate in words
     */
    public static Drawing of(List<Exposure> exposures, Optional<Curve> curve, OptionalDouble set, String said) {
        double furthest = Math.max(exposures.stream().mapToDouble(Exposure::metres).max().orElse(0), Math.max(set.orElse(0), curve.map(Curve::workingMetres).orElse(0.0)));
        return new DistanceChart(Math.max(LEAST_RANGE, ROOM * furthest)).draw(exposures, curve, set, said);
    }

    private Drawing draw(List<Exposure> exposures, Optional<Curve> curve, OptionalDouble set, String said) {
        List<Stroke> strokes = new ArrayList<>();
        List<Label> labels = new ArrayList<>();
        curve.ifPresent(c -> strokes.add(new Stroke(hatched(c), "hatch")));
        strokes.add(new Stroke(axis(labels), "rule-s"));
        curve.ifPresent(c -> {
            strokes.add(new Stroke(line(c), "ink thin"));
            strokes.add(new Stroke(new Path().move(x(c.workingMetres()), TOP - 6).vertical(FLOOR).data(), "tick"));
        });
        set.ifPresent(m -> {
            strokes.add(new Stroke(new Path().move(x(m), TOP - 24).vertical(FLOOR + 4).data(), "goal"));
            labels.add(new Label(x(m), 12, Words.say("draw.DistanceChart.works-at-m", Path.number(m)), x(m) > WIDTH - 80 ? "end" : "middle", "goal-t"));
        });
        for (Response response : Response.values()) {
            strokes.add(new Stroke(marks(exposures, response), "m-" + mark(response).getInk()));
        }
        labels.add(new Label(0, TOP - 4, "calm", "start", "cap"));
        labels.add(new Label(0, FLOOR - 4, "not", "start", "cap"));
        return new Drawing("distance", WIDTH, HEIGHT, said, strokes, labels);
    }

    private double x(double metres) {
        return LEFT + (WIDTH - LEFT - RIGHT) * Math.min(metres, range) / range;
    }

    private double y(double calm) {
        return FLOOR - LANE * LANES - (FLOOR - TOP - 2 * LANE * LANES + LANE) * calm;
    }

    private String axis(List<Label> labels) {
        Path axis = new Path().move(LEFT, FLOOR + 0.5).horizontal(WIDTH - RIGHT);
        double step = STEPS[STEPS.length - 1];
        for (int i = STEPS.length - 1; i >= 0 && range / STEPS[i] <= MOST_TICKS; i--) {
            step = STEPS[i];
        }
        for (double m = 0; m <= range; m += step) {
            axis.move(x(m), FLOOR).vertical(FLOOR + 6);
            labels.add(new Label(x(m), FLOOR + 22, Path.number(m) + (m == 0 ? " m" : ""), "middle", "xlab"));
        }
        return axis.data();
    }

    private String line(Curve curve) {
        Path line = new Path();
        for (int i = 1; i <= POINTS; i++) {
            double metres = range * i / POINTS;
            if (i == 1) {
                line.move(x(metres), y(curve.calmAt(metres)));
            } else {
                line.line(x(metres), y(curve.calmAt(metres)));
            }
        }
        return line.data();
    }

    private String hatched(Curve curve) {
        Path hatch = new Path();
        for (double at = x(curve.lowMetres()); at < x(curve.highMetres()); at += HATCH) {
            hatch.move(at, FLOOR).vertical(TOP);
        }
        return hatch.data();
    }

    /** Marks of one answer in two lanes, so that those at one distance do not cover each other. */
    private String marks(List<Exposure> exposures, Response response) {
        Path all = new Path();
        double base = response.isCalm() ? TOP - LANE : FLOOR - LANE * LANES;
        int lane = 0;
        for (Exposure e : exposures) {
            if (e.response() == response) {
                mark(response).draw(all, x(e.metres()) - MARK / 2, base + LANE * (lane % LANES) + 1, MARK / GLYPH);
                lane++;
            }
        }
        return all.data();
    }
}

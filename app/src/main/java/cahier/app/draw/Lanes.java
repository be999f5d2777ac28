package cahier.app.draw;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** The tracks of one dog under each other, each a small stair from its first step to its goal, and what waits for what (docs/interface.md 5). */
public final class Lanes {

    private static final double WIDTH = 760;
    private static final double LEFT = 196;
    private static final double RIGHT = 24;
    private static final double LANE = 56;
    private static final double RISE = 34;
    private static final double POINT = 7;
    private static final int FEWEST = 8;
    private static final int LONGEST = 26;

    private final double tread;
    private final List<Lane> lanes;

    private Lanes(List<Lane> lanes) {
        this.lanes = lanes;
        this.tread = (WIDTH - LEFT - RIGHT) / Math.max(FEWEST, lanes.stream().mapToInt(Lane::steps).max().orElse(FEWEST));
    }

    /**
     * One track.
     *
     * @param passed how many steps are passed; the next one is where the dog is, unless all are
     * @param open whether it is worked now
     * @param says its state in words
     */
    public record Lane(String title, int steps, int passed, boolean open, String says) {
    }

    /**
     * One thing waiting for another; lanes and steps from 0.
     *
     * @param met whether it waits no more
     */
    public record Tie(int lane, int step, int firstLane, int firstStep, boolean met) {
    }

    public static Drawing of(List<Lane> lanes, List<Tie> ties) {
        return new Lanes(lanes).drawing(ties);
    }

    private Drawing drawing(List<Tie> ties) {
        Path passed = new Path();
        Path now = new Path();
        Path rests = new Path();
        Path ahead = new Path();
        Path goal = new Path();
        List<Label> labels = new ArrayList<>();
        for (int i = 0; i < lanes.size(); i++) {
            Lane lane = lanes.get(i);
            for (int step = 0; step < lane.steps(); step++) {
                Path ink = step < lane.passed() ? passed : step > lane.passed() ? ahead : lane.open() ? now : rests;
                tread(ink, i, step);
            }
            double end = x(lane.steps());
            double top = y(i, lane.steps());
            goal.move(end, top + 8).vertical(top - 8).move(end + 4, top + 8).vertical(top - 8);
            labels.add(new Label(0, floor(i) - 6, Label.fitting(lane.title(), LONGEST), "start", lane.open() ? "name" : "cap"));
            labels.add(new Label(0, floor(i) + 9, lane.says(), "start", "cap"));
        }
        Path waits = new Path();
        Path waited = new Path();
        ties.forEach(t -> tie(t.met() ? waited : waits, t));
        String alt = lanes.stream().map(l -> l.title() + ": " + l.says()).collect(Collectors.joining("; ")) + ".";
        return new Drawing("lanes", WIDTH, lanes.size() * LANE + 12, alt, List.of(new Stroke(waited.data(), "rule-s"), new Stroke(ahead.data(), "pause"),
                new Stroke(passed.data(), "ink"), new Stroke(rests.data(), "rests"), new Stroke(now.data(), "lane-now"), new Stroke(waits.data(), "tie"),
                new Stroke(goal.data(), "goal thin")), labels);
    }

    /** From the end of what comes first to the start of what waits, with a point there. */
    private void tie(Path ink, Tie tie) {
        double fromY = y(tie.firstLane(), tie.firstStep());
        double x = x(tie.step());
        double y = y(tie.lane(), tie.step());
        double back = fromY < y ? -POINT : POINT;
        ink.swing(x(tie.firstStep() + 1), fromY, x, y).move(x - POINT / 2, y + back).line(x, y).line(x + POINT / 2, y + back);
    }

    private void tread(Path ink, int lane, int step) {
        ink.move(x(step), y(lane, step));
        if (step > 0) {
            ink.move(x(step), y(lane, step - 1)).vertical(y(lane, step));
        }
        ink.horizontal(x(step + 1));
    }

    private double x(int step) {
        return LEFT + step * tread;
    }

    private static double floor(int lane) {
        return (lane + 1) * LANE - 6;
    }

    private double y(int lane, int step) {
        return floor(lane) - RISE * step / Math.max(1, lanes.get(lane).steps());
    }

}

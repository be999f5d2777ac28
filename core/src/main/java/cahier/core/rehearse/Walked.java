package cahier.core.rehearse;

import java.util.List;

/**
 * One walk as it went.
 *
 * @param points where it stood in the evening of each day on which that changed, in steps above the first
 * @param done whether it came to the goal
 * @param days until then, or as many as were walked
 * @param reps of all kinds
 * @param needless reps of a step that the dog could already do at a true rate of 0.8 or more
 * @param tooMuch moments over threshold
 * @param ups the true rate of each step at which it was let go on, 0 to 1
 * @param mostLeft how often the step that was left downwards most often was
 * @param steps as they were at the end, those that went in between included
 */
public record Walked(List<Point> points, boolean done, int days, int reps, int needless, int tooMuch, List<Double> ups, int mostLeft, List<OnStep> steps) {

    /** A step that goes well less often than this was passed too early. */
    static final double TOO_EARLY = 0.6;

    /** Where it stood on a day. */
    public record Point(int day, double level) {
    }

    /**
     * What one step took.
     *
     * @param needless of its reps those with which the dog could do it already
     */
    public record OnStep(double level, int reps, int needless, int timesLeft) {
    }

    public Walked {
        points = List.copyOf(points);
        ups = List.copyOf(ups);
        steps = List.copyOf(steps);
    }

    /** Weeks to the goal, or as many as were walked. */
    public double weeks() {
        return days / 7.0;
    }
}

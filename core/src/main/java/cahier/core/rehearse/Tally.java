package cahier.core.rehearse;

import cahier.core.rep.Outcome;
import java.util.ArrayList;
import java.util.List;

/** What is counted of one walk, the truth that no rule sees included. */
final class Tally {

    /** From this true rate on a step can be done. */
    static final double MASTERED = 0.8;

    private final List<Walked.Point> points = new ArrayList<>();
    private final List<Integer> repsOfDay = new ArrayList<>();
    private final List<Double> ups = new ArrayList<>();
    private int reps;
    private int tooMuch;
    private int needless;
    private int done = -1;

    void rep(Outcome outcome, boolean mastered) {
        reps++;
        tooMuch += outcome == Outcome.TOO_MUCH ? 1 : 0;
        needless += mastered ? 1 : 0;
    }

    /** One rep of what is easier, while the step rests. */
    void easier() {
        reps++;
    }

    void up(double rate) {
        ups.add(rate);
    }

    void done(int day) {
        done = day;
    }

    boolean isDone() {
        return done >= 0;
    }

    void day(int day, double level, int repsToday) {
        repsOfDay.add(repsToday);
        if (points.isEmpty() || points.get(points.size() - 1).level() != level || isDone()) {
            points.add(new Walked.Point(day, level));
        }
    }

    List<Integer> repsOfDay() {
        return repsOfDay;
    }

    Walked walked(Ladder ladder, int day) {
        return new Walked(points, isDone(), isDone() ? done + 1 : day, reps, needless, tooMuch, ups, ladder.mostLeft(), ladder.steps().stream()
                .map(s -> new Walked.OnStep(s.level(), ladder.reps(s), ladder.needless(s), ladder.timesLeft(s))).toList());
    }
}

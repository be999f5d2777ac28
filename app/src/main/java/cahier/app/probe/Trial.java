package cahier.app.probe;

import cahier.core.probe.Probe;
import cahier.core.rep.Gap;

/**
 * A test that was asked for, with what came of it.
 *
 * @param before the reps of the step until then, 20 at most
 * @param under those of the test, 5 at most
 */
public record Trial(Probe kind, Gap.Share before, Gap.Share under) {

    public Probe.Reading reading() {
        return Probe.read(before, under);
    }

    public boolean isRunning() {
        return reading() == Probe.Reading.RUNNING;
    }

    /** Reps of the test that are still to do. */
    public int left() {
        return Math.max(0, Probe.REPS - under.reps());
    }
}

package cahier.core.roadmap;

/**
 * One step of one track, as a point of the roadmap.
 *
 * @param track whatever tells tracks apart
 * @param step 0-based place in the track
 */
public record Stop(long track, int step) {

    public Stop {
        if (step < 0) {
            throw new IllegalArgumentException("step must be 0 or more, was " + step);
        }
    }
}

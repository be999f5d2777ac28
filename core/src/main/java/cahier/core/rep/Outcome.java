package cahier.core.rep;

/** How one rep went (docs/rules.md 1). */
public enum Outcome {

    /** The criterion was met with no more aid and no more cues than the step allows. */
    CLEAN,
    /** Met, but with more aid or more cues than the step allows. */
    HELPED,
    /** Not met. */
    MISSED,
    /** Over threshold: barked, lunged, froze, hid, backed off, panicked, refused food. */
    TOO_MUCH
}

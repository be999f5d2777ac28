package cahier.core.rep;

/** What a rep was for (docs/rules.md 1). Only {@link #WORK} is evidence for a pass rule. */
public enum Role {

    /** An ordinary rep of the step. */
    WORK,
    /** One of the easier reps the coach puts into a session. */
    EASE,
    /** Made to come back in after a pause. */
    REFRESH,
    /** Made to find out why a step stalls. */
    PROBE,
    /** The sure one at the end. */
    WIN,
    /** Done by the trainer. */
    SHOWN
}

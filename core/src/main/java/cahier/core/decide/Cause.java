package cahier.core.decide;

/** Why a decision was taken, in the order in which section 4 of docs/rules.md looks for causes. */
public enum Cause {

    /** An alarm of this dog is open. */
    ALARM(1),
    /** Three or more TOO_MUCH lately. */
    TOO_MUCH_OFTEN(1),
    /** TOO_MUCH again on a step that was entered because of TOO_MUCH. */
    TOO_MUCH_AGAIN(1),
    /** Over threshold in the recent sessions. */
    TOO_MUCH(2),
    /** Too few CLEAN among the last 10. */
    LOW_RATE(2),
    /** No calmer over three sittings of a step that measures them (section 39). */
    NO_CALMER(2),
    /** The latest block of a block rule says back. */
    BLOCK(2),
    /** One person's reps differ from the others'. */
    PERSON_GAP(2),
    /** A pause of a week or more. */
    STALE(3),
    /** The pass rule and its spread hold. */
    PASSED(4),
    /** Only a recent TOO_MUCH stands in the way of going up. */
    TOO_MUCH_RECENT(4),
    /** Many reps and still not sure. */
    MANY_REPS(5),
    /** So many reps or days that a person must look. */
    STUCK(5),
    /** Its goal was reached once, and a cold rep of the upkeep says that it does not hold. */
    REOPENED(6),
    /** It was too much in the latest session, and the step that measures has made itself easier (section 39). */
    GAVE_WAY(6),
    /** The pass rule or its spread still misses something. */
    NOT_YET(6);

    private final int line;

    Cause(int line) {
        this.line = line;
    }

    /** Whether the step has stalled, so that a remedy is tried, one change at a time (docs/rules.md 29). */
    public boolean isStalled() {
        return this == MANY_REPS || this == STUCK || this == LOW_RATE;
    }

    /** The line of section 4 it belongs to, 1 to 6; a lower number is a higher line. */
    public int line() {
        return line;
    }

    /** Whether the dog was over threshold, so that no rep of the step is asked for while the decision is open. */
    public boolean restsTheStep() {
        return this == ALARM || this == TOO_MUCH || this == TOO_MUCH_OFTEN || this == TOO_MUCH_AGAIN;
    }
}

package cahier.core.rehearse;

import cahier.core.decide.Slump;

/**
 * Which of the rules that were changed is tried, so that today's can be compared with the former.
 *
 * @param slump when a SKILL step is too hard
 * @param eachRep whether an UP of a SKILL track is carried out after the rep that earned it, and the session goes on there; else as it closes
 * @param splits whether a step between goes in by itself there
 */
public record Rules(Slump slump, boolean eachRep, boolean splits) {

    /** As they are. */
    public static final Rules TODAY = new Rules(Slump.FIVE_MORE, true, true);
    /** As they were. */
    public static final Rules BEFORE = new Rules(Slump.TEN_REPS, false, false);
}

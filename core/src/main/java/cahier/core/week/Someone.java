package cahier.core.week;

import java.util.List;

/**
 * One of the household.
 *
 * @param handles whether this person practises; who does not can still be the second one
 * @param adult a child practises only while an adult of the household is free too
 * @param unsure whether another one is surer with the dog: the hardest is better left to that one until this one was coached
 * @param free when there is time
 */
public record Someone(long id, boolean handles, boolean adult, boolean unsure, List<Span> free) {

    /** Somebody as sure as the others. */
    public Someone(long id, boolean handles, boolean adult, List<Span> free) {
        this(id, handles, adult, false, free);
    }

    public Someone {
        free = Span.merged(free);
    }
}

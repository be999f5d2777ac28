package cahier.core.week;

import java.util.List;

/**
 * One of the household.
 *
 * @param handles whether this person practises; who does not can still be the second one
 * @param adult a child practises only while an adult of the household is free too
 * @param free when there is time
 */
public record Someone(long id, boolean handles, boolean adult, List<Span> free) {

    public Someone {
        free = Span.merged(free);
    }
}

package cahier.app.week;

import cahier.app.household.Facts;
import cahier.app.scope.PracticeId;
import java.time.Instant;
import java.util.List;

/** What somebody knows of where and when to practise, for the pages of a week: a sentence each. */
public interface Advises {

    List<String> proposals(PracticeId practice, Facts facts, Instant now);
}

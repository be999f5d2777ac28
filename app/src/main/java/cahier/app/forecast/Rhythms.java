package cahier.app.forecast;

import cahier.app.language.Words;
import java.util.List;

/**
 * When the goal may be reached at the rhythm somebody asks for, beside others.
 *
 * @param leastReps no dog does it in fewer reps than these
 */
public record Rhythms(Rhythm asked, List<Rhythm> others, int leastReps) {

    /** "At 5 sessions a week: 6 to 9 weeks. At least 41 reps." */
    public String words() {
        return "At " + asked.sessionsAWeek() + (asked.sessionsAWeek() == 1 ? Words.say("forecast.Rhythms.session") : Words.say("forecast.Rhythms.sessions")) + " a week: " + asked.words() + ". At least " + leastReps + (leastReps == 1 ? Words.say("forecast.Rhythms.rep") : Words.say("forecast.Rhythms.reps"));
    }
}

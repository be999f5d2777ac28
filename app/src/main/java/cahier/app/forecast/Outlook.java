package cahier.app.forecast;

import cahier.app.draw.WideStair;
import cahier.app.language.Words;
import cahier.app.web.Dates;
import cahier.core.forecast.Forecast;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * A forecast with what is needed to say it.
 *
 * @param way what lies before the goal, the current step first: "step 3", "27 m"
 * @param nextLesson its day, if one is planned
 * @param lessons lessons until the goal at the rhythm of the past ones; empty when that is not known or the goal is not in sight
 * @param passed steps this dog has passed, from which its pace is known
 * @param days of practice looked at, those without included
 * @param ended tracks of this practice that ended, which it begins from; 0 where it begins from made-up dogs
 * @param least reps without which no dog reaches the goal
 * @param practised whether a rep of the track was ever logged
 */
public record Outlook(Forecast forecast, LocalDate today, List<String> way, Optional<LocalDate> nextLesson, Optional<Integer> lessons, int passed, int days, int ended, int least, boolean practised) {

    private static final double PER_100 = 100;

    /** "Goal about 3 January" or "Not in sight". */
    public String headline() {
        return forecast.middle().map(day -> Words.say("forecast.Outlook.goal-about", date(day))).orElse(Words.say("forecast.Outlook.goal-not-in-sight"));
    }

    /** Its days as they are drawn; empty when the goal is not in sight. */
    public Optional<WideStair.Fan> fan() {
        return forecast.why().isPresent() || forecast.middle().isEmpty() ? Optional.empty() : Optional.of(new WideStair.Fan(forecast.early().orElseThrow(), forecast.middle().get(), forecast.late()));
    }

    /** "Most likely between 12 December and 20 February." or why it is not in sight. */
    public String range() {
        if (forecast.why().isPresent()) {
            return switch (forecast.why().get()) {
                case NO_PRACTICE -> Words.say("forecast.Outlook.no-practice-in-the-last");
                case BEYOND_A_YEAR -> Words.say("forecast.Outlook.at-this-pace-more-than");
            };
        }
        return Words.say("forecast.Outlook.eight-in-ten-between-and", date(forecast.early().orElseThrow()), forecast.late().map(this::date).orElse(Words.say("forecast.Outlook.more-than-a-year-from")));
    }

    /** "By the next lesson: step 6, 4 in 100 that the goal is reached." Empty without a lesson or without sight of the goal. */
    public String byLesson() {
        if (nextLesson.isEmpty() || forecast.stepAtNextLesson().isEmpty() || forecast.why().filter(w -> w == Forecast.Why.NO_PRACTICE).isPresent()) {
            return "";
        }
        int at = forecast.stepAtNextLesson().get();
        long chance = Math.round(PER_100 * forecast.byNextLesson());
        return Words.say("forecast.Outlook.by-the-lesson-on-in", date(nextLesson.get()), (at >= way.size() ? Words.say("forecast.Outlook.goal-reached") : way.get(at)), chance);
    }

    /** "It stands on 14 tracks that ended here, 2 passed steps of this dog and 21 days of this household." */
    public String stands() {
        String others = Words.say("forecast.Outlook.ended", ended);
        String dog = passed == 0 ? "" : Words.say("forecast.Outlook.of-this-dog", passed, ended);
        String household = days < Forecast.FEWEST_DAYS ? Words.say("forecast.Outlook.practice-as-the-sheet-asks") : Words.say("forecast.Outlook.days-of-this-household", days);
        return Words.say("forecast.Outlook.it-stands-on-and-on", others, dog, household);
    }

    /** "About 5 lessons at this rhythm." or nothing. */
    public String lessonsToCome() {
        return lessons.map(n -> n == 1 ? Words.say("forecast.Outlook.about-one-lesson-at-this") : Words.say("forecast.Outlook.about-lessons-at-this-rhythm", n)).orElse("");
    }

    /** "At least 41 reps to the goal." */
    public String leastReps() {
        return Words.say("forecast.Outlook.at-least-to-the-goal", least);
    }

    /** What a change of the steps does: "Goal about 3 January, was 28 December. At least 46 reps, was 41." */
    public String after(Outlook before) {
        String goal = headline().equals(before.headline()) ? Words.say("forecast.Outlook.as-before-2", headline()) : Words.say("forecast.Outlook.was-2", headline(), before.forecast.middle().map(this::date).orElse(Words.say("forecast.Outlook.not-in-sight")));
        return Words.say("forecast.Outlook.at-least", goal, least, (least == before.least ? Words.say("forecast.Outlook.as-before") : Words.say("forecast.Outlook.was", before.least)));
    }

    /** The one sentence an owner reads; nothing before they have practised, for then it would be about made-up dogs. */
    public String plain() {
        if (!practised) {
            return "";
        }
        if (forecast.why().isPresent()) {
            return Words.say(forecast.why().get() == Forecast.Why.NO_PRACTICE ? "when.no-practice" : "when.not-within-a-year");
        }
        String middle = date(forecast.middle().orElseThrow());
        String early = date(forecast.early().orElseThrow());
        return forecast.late().map(late -> Words.say("when.between", middle, early, date(late))).orElseGet(() -> Words.say("when.from", middle, early));
    }

    private String date(LocalDate day) {
        return Dates.shortDate(day) + (day.getYear() == today.getYear() ? "" : " " + day.getYear());
    }
}

package cahier.app.brief;

import cahier.app.alarm.Alarm;
import cahier.app.ask.Question;
import cahier.app.book.TrackRow;
import cahier.app.draw.Drawing;
import cahier.app.food.FoodLine;
import cahier.app.household.Facts;
import cahier.app.household.Household;
import cahier.app.household.Lesson;
import cahier.app.incident.Incident;
import cahier.app.language.Words;
import cahier.app.lesson.Clashes;
import cahier.app.lesson.Pack;
import cahier.app.lesson.Shown;
import cahier.app.log.Sitting;
import cahier.app.rest.Taps;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The next hour with a household on one page.
 *
 * @param number of the lesson, the first is 1
 * @param since the day of the lesson before, or two weeks back
 * @param lines what each track has done since
 * @param agenda the hour, minute by minute
 * @param own whether the trainer changed the agenda
 * @param rows the tracks with a suggestion that waits
 * @param sends what the next homework would hold
 * @param bring food and equipment, each once
 * @param food what the next homework means for each dog's food
 * @param shown what the owner showed back at this lesson, right or not yet
 * @param notYet what was not right when it was last looked for
 * @param clashes what else the trainer has on at this time
 * @param alarms those that are open, and what happened since the lesson before
 * @param marked what was tapped although it rested
 * @param rests tracks that rest on the next sheet, and why
 * @param readers who gets a mail with the homework
 * @param begun whether it runs, or ran
 * @param noted what the trainer noted while it ran; may be empty
 * @param carriedOver tracks for which the hour has no time
 */
record Brief(Facts facts, Lesson lesson, int number, LocalDate since, LocalDate today, List<Line> lines, List<Block> agenda, boolean own, Drawing ruler,
             List<TrackRow> rows, List<Send> sends, List<String> bring, List<String> carriedOver, List<Question> questions, List<Sitting> notes,
             List<Incident> incidents, Optional<Pack> pack, List<FoodLine> food,
             Map<Shown, Boolean> shown, List<Shown> notYet, List<Clashes.Clash> clashes, List<String> readers,
             List<Alarm> alarms, List<Taps.Said> marked, List<Send> rests, boolean begun, String noted) {

    /**
     * One track since the lesson before.
     *
     * @param steps "step 4 to 5"
     * @param who "Marit 40, Dele 12"; empty when nobody practised
     * @param note what stands out; may be empty
     */
    record Line(long track, String title, String steps, int clean, int helped, int missed, int tooMuch, String who, String note) {

        public int reps() {
            return clean + helped + missed + tooMuch;
        }
    }

    /** One block of the hour and when it begins. */
    record Block(String at, String title, int minutes) {
    }

    /**
     * One track of the next homework.
     *
     * @param step as it will be when the suggestions that are ticked are accepted
     * @param needs what that step asks for and they do not have: "a long line"; mostly empty
     */
    record Send(String title, String step, String needs) {
    }

    public Household household() {
        return facts.household();
    }

    public int sum() {
        return agenda.stream().mapToInt(Block::minutes).sum();
    }

    /** "60 of 60 min", "65 of 60 min: 5 too many". */
    public String adds() {
        int off = sum() - lesson.minutes();
        return Words.say("brief.Brief.of-min", sum(), lesson.minutes(), (off == 0 ? "" : off > 0 ? Words.say("brief.Brief.too-many", off) : Words.say("brief.Brief.to-spare", -off)));
    }

    public boolean addsUp() {
        return sum() == lesson.minutes();
    }

    /** "2 decisions wait." */
    public String waits() {
        return switch (rows.size()) {
            case 0 -> Words.say("brief.Brief.no-decision-waits");
            case 1 -> Words.say("brief.Brief.one-decision-waits");
            default -> Words.say("brief.Brief.decisions-wait", rows.size());
        };
    }
}

package cahier.app.owner;

import cahier.app.language.Words;
import cahier.app.web.Check;
import cahier.core.rep.Outcome;
import cahier.core.rep.Tally;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A session that was tallied on paper, as it is typed in.
 *
 * @param sitting made with the form, so that sending it twice is one session
 * @param order one letter a rep when the order is known: c clean, h helped, m missed, t too much
 */
record PaperForm(@Nullable String sitting, @Nullable String date, @Nullable String time, @Nullable String person, @Nullable String adult, @Nullable String place, @Nullable String order,
                 @Nullable String clean, @Nullable String helped, @Nullable String missed, @Nullable String tooMuch) {

    static final int MOST = 100;
    private static final Map<Character, Outcome> LETTERS = Map.of('c', Outcome.CLEAN, 'h', Outcome.HELPED, 'm', Outcome.MISSED, 't', Outcome.TOO_MUCH);

    /** The reps in order; what the letters say, else the counts. */
    List<Outcome> outcomes(Check check) {
        String letters = (order == null ? "" : order).toLowerCase(Locale.ROOT).replaceAll("[\\s,.]", "");
        List<Outcome> outcomes = letters.isEmpty() ? Tally.inAnyOrder(count(check, "clean", clean), count(check, "helped", helped), count(check, "missed", missed), count(check, "tooMuch", tooMuch))
                : inOrder(check, letters);
        if (outcomes.isEmpty()) {
            check.refuse("order", Words.say("owner.PaperForm.must-have-a-rep-type"));
        }
        if (outcomes.size() > MOST) {
            check.refuse("order", Words.say("owner.PaperForm.must-be-at-most-reps", MOST, outcomes.size()));
        }
        return outcomes;
    }

    private static List<Outcome> inOrder(Check check, String letters) {
        List<Outcome> outcomes = new ArrayList<>();
        for (int i = 0; i < letters.length(); i++) {
            char letter = letters.charAt(i);
            Outcome outcome = LETTERS.get(letter);
            if (outcome == null) {
                check.refuse("order", Words.say("owner.PaperForm.must-be-letters-c-h", letter));
                return List.of(Outcome.CLEAN);
            }
            outcomes.add(outcome);
        }
        return outcomes;
    }

    private static int count(Check check, String field, @Nullable String typed) {
        return check.optionalWhole(field, typed, 0, MOST).orElse(0);
    }

    LocalDate day(Check check, LocalDate today) {
        LocalDate day = check.date("date", date);
        if (day == null || day.isAfter(today)) {
            check.refuse("date", Words.say("owner.PaperForm.must-be-today-or-earlier", date));
            return today;
        }
        return day;
    }

    LocalTime at(Check check) {
        try {
            return LocalTime.parse(time == null ? "" : time.strip());
        } catch (DateTimeParseException e) {
            check.refuse("time", Words.say("owner.PaperForm.must-be-a-time-such", time));
            return LocalTime.NOON;
        }
    }
}

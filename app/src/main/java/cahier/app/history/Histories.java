package cahier.app.history;

import cahier.app.household.Household;
import cahier.app.language.Words;
import cahier.app.web.Dates;
import cahier.app.web.Paged;
import java.time.Instant;
import java.time.LocalDate;
import java.util.regex.Pattern;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads who did what, and who looked. */
@Service
@Transactional(readOnly = true)
class Histories {

    /** A lesson is called by its day. */
    private static final Pattern DAY = Pattern.compile("\\d{4}-\\d{2}-\\d{2}");

    private final HistoryMapper mapper;

    Histories(HistoryMapper mapper) {
        this.mapper = mapper;
    }

    /** "Imre accepted a suggestion: Leave it", and when. */
    record Line(String says, String when) {
    }

    /** What was done, newest first. */
    Paged<Line> done(Household home, int page, Instant now) {
        return Paged.read(page, (most, after) -> mapper.acts(home.practiceId(), home.id(), most, after))
                .map(a -> new Line(a.who() + " " + a.did().words() + about(a.about()), Dates.moment(a.at(), home.zone(), now.atZone(home.zone()).toLocalDate())));
    }

    private static String about(String about) {
        return about.isEmpty() ? "" : about.matches("\\d+") ? " " + about : ": " + (DAY.matcher(about).matches() ? Dates.longDate(LocalDate.parse(about)) : about);
    }

    /** Who opened its pages, a line a day, newest first. */
    Paged<Line> looks(Household home, int page) {
        return Paged.read(page, (most, after) -> mapper.looks(home.practiceId(), home.id(), most, after)).map(l -> {
            String first = Dates.time(l.firstAt(), home.zone());
            String last = Dates.time(l.lastAt(), home.zone());
            return new Line(Words.say("history.Histories.opened", l.who(), l.times()),
                    Dates.longDate(l.day()) + ", " + (first.equals(last) ? Words.say("history.Histories.at", first) : Words.say("history.Histories.from-to", first, last)));
        });
    }
}

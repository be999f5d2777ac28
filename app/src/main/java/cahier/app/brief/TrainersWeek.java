package cahier.app.brief;

import cahier.app.draw.LessonWeek;
import cahier.app.language.Words;
import cahier.app.web.Dates;
import java.time.LocalDate;

/**
 * Seven days of the practice's lessons, in its zone.
 *
 * @param from the first of them
 */
public record TrainersWeek(LocalDate from, LocalDate today, LessonWeek.Drawn drawn) {

    public static final int DAYS = 7;
    /** A week that somebody asks for by address is not further away. */
    private static final int MOST_YEARS = 5;

    /** The day an address asks for; today where it asks for none, or for one that nobody plans in. */
    static LocalDate asked(String typed, LocalDate today) {
        return Dates.parsed(typed).filter(d -> d.isAfter(today.minusYears(MOST_YEARS)) && d.isBefore(today.plusYears(MOST_YEARS))).orElse(today);
    }

    /** Where the week that is looked at stands; where no day is named, the one from today. One's own, unless everybody's was looked at. */
    static String address(String from, String whose) {
        String all = whose.equals("all") ? "whose=all" : "";
        return "/lessons" + Dates.parsed(from).map(day -> "?from=" + day + (all.isEmpty() ? "" : "&" + all)).orElse(all.isEmpty() ? "" : "?" + all);
    }

    public LocalDate before() {
        return from.minusDays(DAYS);
    }

    public LocalDate after() {
        return from.plusDays(DAYS);
    }

    /** "The next seven days", or "5 Dec to 11 Dec", with its year where that is not this one's. */
    public String title() {
        LocalDate last = from.plusDays(DAYS - 1);
        return from.equals(today) ? Words.say("brief.TrainersWeek.the-next-seven-days") : Words.say("brief.TrainersWeek.to", Dates.shortDate(from), Dates.shortDate(last), (last.getYear() == today.getYear() ? "" : " " + last.getYear()));
    }
}

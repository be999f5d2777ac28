package cahier.app.roadmap;

import cahier.app.web.Dates;
import java.time.LocalDate;

/**
 * An object that rests because it makes the dog silly.
 *
 * @param until the day from which it may be used again
 */
public record ParkedItem(long id, String item, LocalDate until) {

    private static final String PUT_AWAY = "Put away until ";

    public boolean rests(LocalDate today) {
        return until.isAfter(today);
    }

    /** "Put away until Friday 12 December: the ball." As an owner reads it. */
    public String words() {
        return PUT_AWAY + Dates.longDate(until) + ": " + item + ".";
    }

    /** Whether a line of a sheet says that something is put away: the phone says it as it is now. */
    public static boolean isSaid(String line) {
        return line.startsWith(PUT_AWAY);
    }
}

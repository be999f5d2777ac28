package cahier.app.alone;

import cahier.app.language.Words;

/**
 * Hours of a weekday in which the home is empty of its people.
 *
 * @param weekday 1 Monday to 7 Sunday
 * @param fromMin minutes after midnight
 * @param toMin minutes after midnight, later than fromMin
 * @param cover who is with the dog then; empty while nobody is
 */
public record HoursAway(long id, int weekday, int fromMin, int toMin, String cover) {

    public boolean isCovered() {
        return !cover.isEmpty();
    }

    /** "9:15" */
    static String time(int minutes) {
        return minutes / 60 + ":" + (minutes % 60 < 10 ? "0" : "") + minutes % 60;
    }

    public String words() {
        return Words.say("alone.HoursAway.to", time(fromMin), time(toMin));
    }
}

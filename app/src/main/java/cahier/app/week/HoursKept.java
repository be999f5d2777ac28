package cahier.app.week;

import cahier.app.household.Facts;
import cahier.app.household.Hours;
import cahier.app.household.Person;
import cahier.app.language.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * Everything a household said about its hours.
 *
 * @param people by the person's id
 */
public record HoursKept(Map<Long, Hours> people, Hours friend, Hours stranger, Hours walks, List<Dated> dated) {

    public Hours of(Person person) {
        return people.getOrDefault(person.id(), Hours.NONE);
    }

    /** Whether nobody has said when there is time. */
    public boolean isEmpty() {
        return people.values().stream().allMatch(Hours::isEmpty) && dated.stream().noneMatch(Dated::free);
    }

    /** "12 times read from a calendar", empty when none were. */
    public String fromCalendar(Person person) {
        long n = dated.stream().filter(d -> d.personId() == person.id()).count();
        return n == 0 ? "" : Words.say("week.HoursKept.from-a-calendar", n);
    }

    /**
     * One line to type hours into.
     *
     * @param field its name in the form
     */
    public record Line(String field, String label, String hours, String calendar) {
    }

    /** A line for each of the household, for a helper from outside, and for the walks. */
    public List<Line> lines(Facts facts) {
        List<Line> lines = new ArrayList<>();
        facts.people().forEach(p -> lines.add(new Line("p" + p.id(), p.called(), of(p).words(), fromCalendar(p))));
        lines.add(new Line("friend", Words.say("week.HoursKept.a-friend-who-helps"), friend.words(), ""));
        lines.add(new Line("stranger", Words.say("week.HoursKept.a-stranger-who-helps"), stranger.words(), ""));
        lines.add(new Line("walk", "Walks", walks.words(), ""));
        return lines;
    }
}

package cahier.app.week;

import cahier.app.household.Facts;
import cahier.app.household.Hours;
import cahier.app.household.Households;
import cahier.app.household.Person;
import cahier.app.language.Words;
import cahier.app.lesson.Busy;
import cahier.app.lesson.CalendarFile;
import cahier.app.scope.PracticeId;
import cahier.app.web.NotFound;
import java.io.Reader;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** When the people of a household have time, typed or read from a calendar file. */
@Service
@Transactional
public class FreeHours {

    private final HoursMapper hours;
    private final Households households;

    FreeHours(HoursMapper hours, Households households) {
        this.hours = hours;
        this.households = households;
    }

    @Transactional(readOnly = true)
    public HoursKept of(PracticeId practice, long household, Instant now) {
        Map<Long, Hours> people = new HashMap<>();
        Map<Whose, Hours> others = new HashMap<>();
        for (HoursMapper.Row row : hours.weekly(practice, household)) {
            Hours read = Hours.parse(row.hours());
            if (row.personId() == null) {
                others.put(row.who(), read);
            } else {
                people.put(row.personId(), read);
            }
        }
        return new HoursKept(people, others.getOrDefault(Whose.FRIEND, Hours.NONE), others.getOrDefault(Whose.STRANGER, Hours.NONE), others.getOrDefault(Whose.WALK, Hours.NONE),
                hours.dated(practice, household, now));
    }

    /**
     * Takes the place of what was typed before. A line that cannot be read is refused by name, and nothing is changed.
     *
     * @param typed by the names of {@link HoursKept.Line}
     */
    public void put(PracticeId practice, long household, Map<String, String> typed) {
        Facts facts = households.facts(practice, household);
        List<HoursMapper.Row> rows = new ArrayList<>();
        for (Person person : facts.people()) {
            add(rows, Whose.PERSON, person.id(), person.name(), typed.getOrDefault("p" + person.id(), ""));
        }
        add(rows, Whose.FRIEND, null, Words.say("week.FreeHours.a-friend"), typed.getOrDefault("friend", ""));
        add(rows, Whose.STRANGER, null, Words.say("week.FreeHours.a-stranger"), typed.getOrDefault("stranger", ""));
        add(rows, Whose.WALK, null, "Walks", typed.getOrDefault("walk", ""));
        hours.clear(practice, household);
        rows.forEach(r -> hours.insert(practice, household, r));
    }

    private static void add(List<HoursMapper.Row> rows, Whose who, @Nullable Long person, String name, String typed) {
        try {
            Hours read = Hours.parse(typed);
            if (!read.isEmpty()) {
                rows.add(new HoursMapper.Row(who, person, read.words()));
            }
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException(name + ": " + e.getMessage(), e);
        }
    }

    /**
     * The times of a calendar file take the place of those read before for this person; a file that is refused leaves them as they were.
     *
     * @param free whether its entries are free hours, or hours without time
     * @return how many were kept
     */
    public int read(PracticeId practice, long household, long person, boolean free, Reader file, Instant now) {
        Facts facts = known(practice, household, person);
        List<Busy> times = free ? CalendarFile.any(file, facts.household().zone(), now) : CalendarFile.busy(file, facts.household().zone(), now);
        hours.clearDated(practice, household, person);
        times.forEach(t -> hours.insertDated(practice, household, new Dated(person, t.startsAt(), t.endsAt(), free)));
        return times.size();
    }

    /** Forgets what a calendar file said of this person. */
    public void forget(PracticeId practice, long household, long person) {
        known(practice, household, person);
        hours.clearDated(practice, household, person);
    }

    private Facts known(PracticeId practice, long household, long person) {
        Facts facts = households.facts(practice, household);
        return facts.person(person).map(known -> facts).orElseThrow(() -> new NotFound("person " + person));
    }
}

package cahier.app.owner;

import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.language.Words;
import cahier.app.sheet.OwnerLinks.Owner;
import cahier.app.web.NotFound;
import cahier.app.wording.Wordings;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Recur;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Action;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.RRule;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import net.fortuna.ical4j.transform.recurrence.Frequency;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The times of day at which a household means to practise, as reminders for its own calendar. */
@Service
@Transactional
class PracticeTimes {

    static final int MOST = 4;
    private static final int MINUTES = 10;
    private static final int DAYS_WITHOUT_A_LESSON = 28;

    private final PracticeTimeMapper times;
    private final Households households;

    PracticeTimes(PracticeTimeMapper times, Households households) {
        this.times = times;
        this.households = households;
    }

    @Transactional(readOnly = true)
    List<LocalTime> of(Owner owner) {
        return times.of(owner.practice(), owner.householdId());
    }

    /** These and no others; at most {@link #MOST}. */
    void put(Owner owner, List<LocalTime> wanted) {
        times.clear(owner.practice(), owner.householdId());
        wanted.stream().distinct().limit(MOST).forEach(at -> times.insert(owner.practice(), owner.householdId(), at));
    }

    /** A reminder for each, every day from today until the next lesson, else four weeks. Wall time: it rings at that hour wherever the phone is. */
    @Transactional(readOnly = true)
    String calendar(Owner owner, Instant now) {
        List<LocalTime> all = of(owner);
        if (all.isEmpty()) {
            throw new NotFound("a practice time");
        }
        Facts facts = households.facts(owner.practice(), owner.householdId());
        ZoneId zone = facts.household().zone();
        LocalDate today = now.atZone(zone).toLocalDate();
        LocalDate last = facts.lessonAfter(now).map(l -> l.startsAt().atZone(zone).toLocalDate())
                .orElse(today.plusDays(DAYS_WITHOUT_A_LESSON));
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Cahier//Practice//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        all.forEach(at -> calendar.add(event(owner, Words.say("owner.PracticeTimes.practise-with", Wordings.dogs(facts)), today, last, at, now)));
        return calendar.toString();
    }

    private static VEvent event(Owner owner, String words, LocalDate first, LocalDate last, LocalTime at, Instant now) {
        VEvent event = new VEvent(first.atTime(at), Duration.ofMinutes(MINUTES), words);
        event.removeIf(p -> p instanceof DtStamp);
        event.add(new DtStamp(now));
        event.add(new Uid("practice-" + owner.householdId() + "-" + owner.practice() + "-" + at + "@cahier"));
        event.add(new RRule<>(new Recur.Builder<LocalDate>().frequency(Frequency.DAILY).until(last).build()));
        VAlarm alarm = new VAlarm(Duration.ZERO);
        alarm.add(new Action("DISPLAY"));
        alarm.add(new Description(words));
        event.add(alarm);
        return event;
    }
}

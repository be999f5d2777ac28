package cahier.app.lesson;

import cahier.app.audit.Audited;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.language.Words;
import cahier.app.scope.PracticeId;
import cahier.app.scope.PracticeScope;
import cahier.app.scope.Secret;
import cahier.app.scope.TrainerUser;
import cahier.app.web.NotFound;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Sequence;
import net.fortuna.ical4j.model.property.Status;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** A trainer's lessons as iCalendar, as a file and at a secret address. Whom it is with, when, and the trainer's plan stand in it. */
@Service
public class Calendars {

    private static final Duration BACK = Duration.ofDays(60);
    private static final Duration AHEAD = Duration.ofDays(366);

    private final CalendarMapper calendars;
    private final Households households;
    private final ApplicationEventPublisher events;

    Calendars(CalendarMapper calendars, Households households, ApplicationEventPublisher events) {
        this.events = events;
        this.calendars = calendars;
        this.households = households;
    }

    /** A new secret address; the old one stops working at once. Returns its last part, this once. */
    @Transactional
    public String replace(TrainerUser me, Instant now) {
        String secret = Secret.fresh();
        calendars.put(me.practice(), me.id(), Secret.hash(secret), now);
        events.publishEvent(Audited.of(me.practice(), Audited.What.CALENDAR_MADE, now));
        return secret;
    }

    /** No calendar program reads the lessons any more. */
    @Transactional
    public void stop(TrainerUser me, Instant now) {
        calendars.stop(me.practice(), me.id());
        events.publishEvent(Audited.of(me.practice(), Audited.What.CALENDAR_STOPPED, now));
    }

    @Transactional(readOnly = true)
    public Optional<Instant> madeAt(TrainerUser me) {
        return calendars.madeAt(me.practice(), me.id());
    }

    /** Whose lessons are read at an address. */
    public record Address(PracticeId practiceId, long trainerId) {
    }

    /** Whose address this is, or the page for what does not exist. */
    @Transactional
    public Address find(String secret) {
        byte[] hash = Secret.hash(secret);
        calendars.announceLink(hash);
        return calendars.find(hash).orElseThrow(() -> new NotFound("this calendar"));
    }

    /** The lessons of the last two months and the coming year that a trainer gives, with those that are nobody's in particular. */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    public String write(PracticeId practice, long trainer, Instant now) {
        return PracticeScope.within(practice, () -> {
            List<Lesson> lessons = households.lessonsOf(practice, trainer, now.minus(BACK), now.plus(AHEAD));
            return write(lessons, households.these(practice, lessons.stream().map(Lesson::householdId).toList()), now);
        });
    }

    /** These lessons of these households. */
    public String write(List<Lesson> lessons, Map<Long, Household> byId, Instant now) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Cahier//Lessons//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        lessons.forEach(l -> calendar.add(event(l, Objects.requireNonNull(byId.get(l.householdId())), now)));
        return calendar.toString();
    }

    private static VEvent event(Lesson lesson, Household household, Instant now) {
        VEvent event = new VEvent(lesson.startsAt(), lesson.endsAt(), "Lesson, " + household.name());
        event.removeIf(p -> p instanceof DtStamp);
        event.add(new DtStamp(now));
        event.add(new Uid("lesson-" + lesson.id() + "-" + household.practiceId() + "@cahier"));
        event.add(new Sequence(lesson.version()));
        if (!household.home().isEmpty()) {
            event.add(new Location(household.home()));
        }
        String words = lesson.plan() + (lesson.travelMinutes() == 0 ? "" : Words.say("lesson.Calendars.min-to-get-there", (lesson.plan().isEmpty() ? "" : " ") + lesson.travelMinutes()));
        if (!words.isEmpty()) {
            event.add(new Description(words));
        }
        event.add(new Status(lesson.state() == Lesson.State.MISSED ? "CANCELLED" : "CONFIRMED"));
        return event;
    }
}

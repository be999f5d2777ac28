package cahier.app.week;

import cahier.app.language.Words;
import cahier.app.scope.PracticeId;
import cahier.app.web.NotFound;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;

/** The planned week as iCalendar. */
@Component
public class WeekCalendar {

    private static final MediaType ICALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    private final Weeks weeks;

    WeekCalendar(Weeks weeks) {
        this.weeks = weeks;
    }

    /** The page for what does not exist where no week is planned. */
    public ResponseEntity<String> file(PracticeId practice, long household, Instant now) {
        PlannedWeek week = weeks.of(practice, household, now).orElseThrow(() -> new NotFound("a planned week"));
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Cahier//Week//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        week.sessions().forEach(s -> calendar.add(event(practice, household, s, week.plannedAt())));
        return ResponseEntity.ok().contentType(ICALENDAR).cacheControl(CacheControl.noStore()).header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.attachment().filename("week.ics").build().toString())
                .body(calendar.toString());
    }

    private static VEvent event(PracticeId practice, long household, PlannedWeek.Slot session, Instant plannedAt) {
        VEvent event = new VEvent(session.startsAt(), session.endsAt(), session.dog().name() + ": " + session.titles() + ", " + session.person().name());
        event.removeIf(p -> p instanceof DtStamp);
        event.add(new DtStamp(plannedAt));
        event.add(new Uid("session-" + practice + "-" + household + "-" + session.dog().id() + "-" + session.at() + "@cahier"));
        event.add(new Description(Words.say("week.WeekCalendar.min-at-most-ending-early", session.minutes())));
        return event;
    }
}

package cahier.app.lesson;

import cahier.app.brake.Brake;
import cahier.app.brake.Brakes;
import cahier.app.scope.TrainerUser;
import cahier.app.web.NotFound;
import cahier.app.web.Site;
import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The lessons for a calendar program. */
@Controller
class CalendarController {

    private static final MediaType ICALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    private final Calendars calendars;
    private final Brakes brakes;
    private final Clock clock;
    private final Site site;

    CalendarController(Calendars calendars, Brakes brakes, Clock clock, Site site) {
        this.brakes = brakes;
        this.site = site;
        this.calendars = calendars;
        this.clock = clock;
    }

    /** Whoever has the address reads it: a calendar program signs in nowhere. */
    @GetMapping("/calendar/{secret}.ics")
    ResponseEntity<String> feed(@PathVariable String secret, HttpServletRequest request) {
        Calendars.Address whose;
        try {
            whose = calendars.find(secret);
        } catch (NotFound e) {
            brakes.hold(Brake.LINK, request.getRemoteAddr(), 1);
            throw e;
        }
        return ResponseEntity.ok().contentType(ICALENDAR).cacheControl(CacheControl.noStore()).header("Referrer-Policy", "no-referrer")
                .body(calendars.write(whose.practiceId(), whose.trainerId(), Instant.now(clock)));
    }

    @GetMapping("/lessons.ics")
    ResponseEntity<String> file(@AuthenticationPrincipal TrainerUser me) {
        return ResponseEntity.ok().contentType(ICALENDAR).header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.attachment().filename("lessons.ics").build().toString())
                .body(calendars.write(me.practice(), me.id(), Instant.now(clock)));
    }

    @PostMapping("/lessons/calendar/stop")
    String stop(@AuthenticationPrincipal TrainerUser me) {
        calendars.stop(me, Instant.now(clock));
        return "redirect:/lessons#calendar";
    }

    @PostMapping("/lessons/calendar")
    String replace(@AuthenticationPrincipal TrainerUser me, RedirectAttributes flash) {
        String secret = calendars.replace(me, Instant.now(clock));
        flash.addFlashAttribute("calendar", site.address() + "/calendar/" + secret + ".ics");
        return "redirect:/lessons#calendar";
    }
}

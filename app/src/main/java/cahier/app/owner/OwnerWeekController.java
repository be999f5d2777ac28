package cahier.app.owner;

import cahier.app.sheet.OwnerLinks.Owner;
import cahier.app.week.WeekCalendar;
import cahier.app.week.WeekForms;
import java.time.Clock;
import java.time.Instant;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestAttribute;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The household's week on its own phone. */
@Controller
@RequestMapping("/o/{token}/week")
class OwnerWeekController {

    private static final String BACK = "redirect:/o/{token}/week";

    private final WeekForms forms;
    private final WeekCalendar calendar;
    private final Clock clock;

    OwnerWeekController(WeekForms forms, WeekCalendar calendar, Clock clock) {
        this.forms = forms;
        this.calendar = calendar;
        this.clock = clock;
    }

    @GetMapping
    String show(@PathVariable String token, @RequestAttribute(OwnerFilter.OWNER) Owner owner, Model model) {
        forms.show(owner.practice(), owner.householdId(), now(), model);
        model.addAttribute("token", token);
        model.addAttribute("base", "/o/" + token + "/week");
        return "owner/week";
    }

    /** Also an address a calendar program can read again and again. */
    @GetMapping("/week.ics")
    ResponseEntity<String> file(@RequestAttribute(OwnerFilter.OWNER) Owner owner) {
        return calendar.file(owner.practice(), owner.householdId(), now());
    }

    @PostMapping("/plan")
    String plan(@RequestAttribute(OwnerFilter.OWNER) Owner owner, RedirectAttributes flash) {
        forms.plan(owner.practice(), owner.householdId(), now(), flash);
        return BACK;
    }

    @PostMapping("/hours")
    String hours(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @RequestParam Map<String, String> typed, RedirectAttributes flash) {
        forms.hours(owner.practice(), owner.householdId(), typed, now(), flash);
        return BACK;
    }

    @PostMapping("/calendar")
    String calendar(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @RequestParam long person, @RequestParam(defaultValue = "busy") String says,
                    @RequestParam(required = false) @Nullable MultipartFile file, RedirectAttributes flash) {
        forms.calendar(owner.practice(), owner.householdId(), person, says.equals("free"), file, now(), flash);
        return BACK;
    }

    @PostMapping("/calendar/forget")
    String forgetCalendar(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @RequestParam long person) {
        forms.forgetCalendar(owner.practice(), owner.householdId(), person, now());
        return BACK;
    }

    @PostMapping("/pin")
    String pin(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @RequestParam long dog, @RequestParam String at, @RequestParam(defaultValue = "false") boolean pinned, RedirectAttributes flash) {
        return BACK + forms.pin(owner.practice(), owner.householdId(), dog, at, pinned, now(), flash);
    }

    @PostMapping("/move")
    String move(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @RequestParam long dog, @RequestParam String at, @RequestParam(defaultValue = "") String day,
                @RequestParam(defaultValue = "") String time, @RequestParam(defaultValue = "0") long person, RedirectAttributes flash) {
        return BACK + forms.move(owner.practice(), owner.householdId(), dog, at, day, time, person, now(), flash);
    }

    private Instant now() {
        return Instant.now(clock);
    }
}

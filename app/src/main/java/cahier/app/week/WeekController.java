package cahier.app.week;

import cahier.app.scope.TrainerUser;
import java.time.Clock;
import java.time.Instant;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** A household's week as its trainer sees it. */
@Controller
@RequestMapping("/households/{household}/week")
class WeekController {

    private static final String BACK = "redirect:/households/{household}/week";

    private final WeekForms forms;
    private final Weeks weeks;
    private final WeekCalendar calendar;
    private final Clock clock;

    WeekController(WeekForms forms, Weeks weeks, WeekCalendar calendar, Clock clock) {
        this.forms = forms;
        this.weeks = weeks;
        this.calendar = calendar;
        this.clock = clock;
    }

    @GetMapping
    String show(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, Model model) {
        Instant now = now();
        forms.show(me.practice(), household, now, model).drawing(now).ifPresent(d -> model.addAttribute("drawing", d));
        model.addAttribute("base", "/households/" + household + "/week");
        return "week/week";
    }

    @GetMapping("/week.ics")
    ResponseEntity<String> file(@AuthenticationPrincipal TrainerUser me, @PathVariable long household) {
        return calendar.file(me.practice(), household, now());
    }

    @PostMapping("/plan")
    String plan(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, RedirectAttributes flash) {
        forms.plan(me.practice(), household, now(), flash);
        return BACK;
    }

    @PostMapping("/forget")
    String forget(@AuthenticationPrincipal TrainerUser me, @PathVariable long household) {
        weeks.forget(me.practice(), household);
        return BACK;
    }

    @PostMapping("/hours")
    String hours(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam Map<String, String> typed, RedirectAttributes flash) {
        forms.hours(me.practice(), household, typed, now(), flash);
        return BACK;
    }

    @PostMapping("/calendar")
    String calendar(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam long person, @RequestParam(defaultValue = "busy") String says,
                    @RequestParam(required = false) @Nullable MultipartFile file, RedirectAttributes flash) {
        forms.calendar(me.practice(), household, person, says.equals("free"), file, now(), flash);
        return BACK;
    }

    @PostMapping("/calendar/forget")
    String forgetCalendar(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam long person) {
        forms.forgetCalendar(me.practice(), household, person, now());
        return BACK;
    }

    @PostMapping("/pin")
    String pin(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam long dog, @RequestParam String at, @RequestParam(defaultValue = "false") boolean pinned, RedirectAttributes flash) {
        return BACK + forms.pin(me.practice(), household, dog, at, pinned, now(), flash);
    }

    @PostMapping("/move")
    String move(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam long dog, @RequestParam String at, @RequestParam(defaultValue = "") String day,
                @RequestParam(defaultValue = "") String time, @RequestParam(defaultValue = "0") long person, RedirectAttributes flash) {
        return BACK + forms.move(me.practice(), household, dog, at, day, time, person, now(), flash);
    }

    private Instant now() {
        return Instant.now(clock);
    }
}

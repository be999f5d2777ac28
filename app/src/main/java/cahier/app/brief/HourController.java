package cahier.app.brief;

import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.lesson.Lessons;
import cahier.app.lesson.Shown;
import cahier.app.scope.TrainerUser;
import cahier.core.lesson.Hour;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Clock;
import java.time.Instant;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** The page of a lesson that runs: begun, held, ended. */
@Controller
class HourController {

    private final Hours hours;
    private final Lessons lessons;
    private final Households households;
    private final ObjectMapper json;
    private final Clock clock;

    HourController(Hours hours, Lessons lessons, Households households, ObjectMapper json, Clock clock) {
        this.hours = hours;
        this.lessons = lessons;
        this.households = households;
        this.json = json;
        this.clock = clock;
    }

    @PostMapping("/lessons/{id}/begin")
    String begin(@AuthenticationPrincipal TrainerUser me, @PathVariable long id) {
        hours.begin(me.practice(), lessons.get(me.practice(), id), Instant.now(clock));
        return "redirect:/lessons/" + id + "/hour";
    }

    @GetMapping("/lessons/{id}/hour")
    String show(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, Model model) throws JsonProcessingException {
        Lesson lesson = lessons.get(me.practice(), id);
        Instant now = Instant.now(clock);
        HourState state = hours.state(me.practice(), id, null, now);
        if (state.began() == null || state.over()) {
            return "redirect:/lessons/" + id;
        }
        Facts facts = households.facts(me.practice(), lesson.householdId());
        model.addAttribute("lesson", lesson);
        model.addAttribute("number", lessons.number(me.practice(), lesson));
        model.addAttribute("facts", facts);
        model.addAttribute("state", json.writeValueAsString(state));
        model.addAttribute("kinds", Shown.values());
        model.addAttribute("own", Hour.OWN);
        return "brief/hour";
    }

    /** What was worked is judged, then it can be closed. */
    @PostMapping("/lessons/{id}/hour/end")
    String end(@AuthenticationPrincipal TrainerUser me, @PathVariable long id) {
        hours.endSittings(me.practice(), lessons.get(me.practice(), id), Instant.now(clock));
        return "redirect:/lessons/" + id + "/close";
    }
}

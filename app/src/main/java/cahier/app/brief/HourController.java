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
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.bind.annotation.ResponseStatus;

/** The page of a lesson that runs, and what it sends while there is signal. */
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

    /** @param track of which it is said what its step lacks */
    @GetMapping("/lessons/{id}/hour/state")
    @ResponseBody
    HourState state(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestParam(required = false) @Nullable Long track) {
        return hours.state(me.practice(), id, track, Instant.now(clock));
    }

    @PostMapping("/lessons/{id}/hour/reps")
    @ResponseBody
    Map<String, Boolean> tap(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestBody HourSent.Tap tap) {
        hours.tap(me.practice(), lessons.get(me.practice(), id), tap, Instant.now(clock));
        return kept();
    }

    @PostMapping("/lessons/{id}/hour/reps/{rep}/undo")
    @ResponseBody
    Map<String, Boolean> undo(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @PathVariable UUID rep) {
        hours.undo(me.practice(), lessons.get(me.practice(), id), rep, me.id(), Instant.now(clock));
        return kept();
    }

    @PostMapping("/lessons/{id}/hour/reps/{rep}/slip")
    @ResponseBody
    Map<String, Boolean> slip(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @PathVariable UUID rep, @RequestBody HourSent.Slipped slipped) {
        hours.slipped(me.practice(), lessons.get(me.practice(), id), rep, slipped);
        return kept();
    }

    @PostMapping("/lessons/{id}/hour/agenda")
    @ResponseBody
    Map<String, Boolean> agenda(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestBody HourSent.Blocks blocks) {
        hours.arrange(me.practice(), lessons.get(me.practice(), id), blocks, Instant.now(clock));
        return kept();
    }

    @PostMapping("/lessons/{id}/hour/shown")
    @ResponseBody
    Map<String, Boolean> shown(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestBody HourSent.Back back) {
        hours.shown(me.practice(), lessons.get(me.practice(), id), back);
        return kept();
    }

    @PostMapping("/lessons/{id}/hour/notes")
    @ResponseBody
    Map<String, Boolean> note(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestBody HourSent.Notes notes) {
        hours.note(me.practice(), lessons.get(me.practice(), id), notes);
        return kept();
    }

    private static Map<String, Boolean> kept() {
        return Map.of("kept", true);
    }

    /** What a page sends that cannot be read: it is told which value, and keeps it. */
    @ExceptionHandler(HttpMessageNotReadableException.class)
    @ResponseStatus(HttpStatus.BAD_REQUEST)
    @ResponseBody
    Map<String, String> unreadable(HttpMessageNotReadableException e) {
        Throwable cause = e.getRootCause();
        return Map.of("error", cause instanceof IllegalArgumentException ? String.valueOf(cause.getMessage()) : "the message must be JSON as this page sends it");
    }

    @ExceptionHandler(IllegalArgumentException.class)
    @ResponseStatus(HttpStatus.BAD_REQUEST)
    @ResponseBody
    Map<String, String> refused(IllegalArgumentException e) {
        return Map.of("error", String.valueOf(e.getMessage()));
    }
}

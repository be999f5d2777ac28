package cahier.app.owner;

import cahier.app.language.Words;
import cahier.app.sheet.OwnerLinks.Owner;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestAttribute;
import org.springframework.web.bind.annotation.RequestParam;

/** When a household means to practise, and the reminders for its calendar. */
@Controller
class PracticeTimesController {

    private final PracticeTimes times;
    private final Clock clock;

    PracticeTimesController(PracticeTimes times, Clock clock) {
        this.times = times;
        this.clock = clock;
    }

    @GetMapping("/o/{token}/times")
    String show(@PathVariable String token, @RequestAttribute(OwnerFilter.OWNER) Owner owner, Model model) {
        List<LocalTime> kept = times.of(owner);
        return page(token, kept.stream().map(LocalTime::toString).toList(), "", !kept.isEmpty(), model);
    }

    /** What cannot be read is said, and everything typed stays. */
    @PostMapping("/o/{token}/times")
    String keep(@PathVariable String token, @RequestAttribute(OwnerFilter.OWNER) Owner owner, @RequestParam(required = false) @Nullable List<String> at, Model model) {
        List<String> typed = at == null ? List.of() : at.stream().map(String::strip).filter(t -> !t.isEmpty()).toList();
        List<LocalTime> wanted = new ArrayList<>();
        for (String one : typed) {
            try {
                wanted.add(LocalTime.parse(one).withSecond(0).withNano(0));
            } catch (DateTimeException e) {
                return page(token, typed, Words.say("owner.PracticeTimesController.a-time-must-be-like", one), false, model);
            }
        }
        times.put(owner, wanted);
        return "redirect:/o/" + token + "/times";
    }

    private static String page(String token, List<String> typed, String refusal, boolean kept, Model model) {
        List<String> rows = new ArrayList<>(typed.subList(0, Math.min(PracticeTimes.MOST, typed.size())));
        while (rows.size() < PracticeTimes.MOST) {
            rows.add("");
        }
        model.addAttribute("token", token);
        model.addAttribute("rows", rows);
        model.addAttribute("refusal", refusal);
        model.addAttribute("kept", kept);
        return "owner/times";
    }

    @GetMapping("/o/{token}/times.ics")
    ResponseEntity<String> calendar(@RequestAttribute(OwnerFilter.OWNER) Owner owner) {
        return ResponseEntity.ok().contentType(new MediaType("text", "calendar", StandardCharsets.UTF_8))
                .header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.attachment().filename("practice.ics").build().toString()).body(times.calendar(owner, Instant.now(clock)));
    }
}

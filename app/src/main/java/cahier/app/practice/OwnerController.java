package cahier.app.practice;

import cahier.app.sheet.OwnerLinks.Owner;
import java.time.Clock;
import java.time.Instant;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestAttribute;

/** The owner's pages. */
@Controller
class OwnerController {

    private final OwnerPractice practice;
    private final Clock clock;

    OwnerController(OwnerPractice practice, Clock clock) {
        this.practice = practice;
        this.clock = clock;
    }

    @GetMapping("/o/{token}")
    String today(@PathVariable String token, @RequestAttribute(OwnerFilter.OWNER) Owner owner, Model model) {
        model.addAttribute("token", token);
        model.addAttribute("today", practice.today(owner, Instant.now(clock)));
        return "practice/today";
    }

    @GetMapping("/o/{token}/practice/{step}")
    String practise(@PathVariable String token, @PathVariable long step, @RequestAttribute(OwnerFilter.OWNER) Owner owner, Model model) {
        model.addAttribute("token", token);
        model.addAttribute("task", practice.task(owner, step, Instant.now(clock)));
        model.addAttribute("facts", practice.facts(owner));
        return "practice/practice";
    }
}

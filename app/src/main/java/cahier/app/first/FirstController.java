package cahier.app.first;

import cahier.app.scope.TrainerUser;
import java.time.Clock;
import java.time.Instant;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What the trainer says of the first hour, and the words that are agreed as the homework goes out. */
@Controller
class FirstController {

    private final FirstHours first;
    private final Readiness readiness;
    private final Clock clock;

    FirstController(FirstHours first, Readiness readiness, Clock clock) {
        this.first = first;
        this.readiness = readiness;
        this.clock = clock;
    }

    /** @param state OPEN takes back what was said */
    @PostMapping("/households/{household}/first-hour")
    String mark(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam Part part, @RequestParam FirstHour.State state) {
        first.mark(me.practice(), household, part, state, Instant.now(clock));
        return "redirect:/households/" + household;
    }

    @PostMapping("/households/{household}/homework/words")
    String agree(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam long track, @RequestParam String word) {
        readiness.agree(me.practice(), household, track, word);
        return "redirect:/households/" + household + "/homework";
    }
}

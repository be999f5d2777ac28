package cahier.app.book;

import cahier.app.language.Words;
import cahier.app.outbox.Sending;
import cahier.app.scope.TrainerUser;
import cahier.app.web.Site;
import java.time.Clock;
import java.time.Instant;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The trainer's answer to a question. */
@Controller
class AnswerController {

    private static final int LONGEST = 1000;

    private final Sending sending;
    private final Clock clock;
    private final Site site;

    AnswerController(Sending sending, Clock clock, Site site) {
        this.site = site;
        this.sending = sending;
        this.clock = clock;
    }

    @PostMapping("/households/{household}/questions/{id}/answer")
    String answerQuestion(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @PathVariable UUID id, @RequestParam(defaultValue = "") String answer,
                          @RequestParam(defaultValue = "") String back, RedirectAttributes flash) {
        String words = answer.strip();
        if (words.isEmpty() || words.length() > LONGEST) {
            flash.addFlashAttribute("refusal", Words.say("book.AnswerController.an-answer-must-have-1", LONGEST, words.length()));
        } else {
            sending.answer(me, household, id, words, site.address(), Instant.now(clock));
        }
        return "redirect:" + (back.matches("/|/lessons/\\d{1,18}") ? back : "/households/" + household);
    }
}

package cahier.app.book;

import cahier.app.account.TrainerUser;
import cahier.app.alarm.Alarm;
import cahier.app.alarm.Alarms;
import cahier.app.judge.Answers;
import cahier.app.judge.Judgements;
import cahier.app.track.Tracks;
import cahier.app.web.Site;
import cahier.core.decide.Cause;
import java.time.Clock;
import java.time.Instant;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The trainer's answers: to an alarm, after which the dog's tracks are open again, and to a question. */
@Controller
class AnswerController {

    private static final int LONGEST = 1000;

    private final Alarms alarms;
    private final Tracks tracks;
    private final Judgements judgements;
    private final Answers answers;
    private final Sending sending;
    private final Clock clock;

    AnswerController(Alarms alarms, Tracks tracks, Judgements judgements, Answers answers, Sending sending, Clock clock) {
        this.alarms = alarms;
        this.tracks = tracks;
        this.judgements = judgements;
        this.answers = answers;
        this.sending = sending;
        this.clock = clock;
    }

    @PostMapping("/alarms/{id}/answer")
    String answer(@AuthenticationPrincipal TrainerUser me, @PathVariable UUID id, @RequestParam(defaultValue = "") String answer, @RequestParam long household, RedirectAttributes flash) {
        String words = answer.strip();
        if (words.isEmpty() || words.length() > LONGEST) {
            flash.addFlashAttribute("refusal", "Write what was found out and agreed, in 1 to " + LONGEST + " characters; was " + words.length() + ".");
            return "redirect:/households/" + household;
        }
        Instant now = Instant.now(clock);
        Alarm alarm = alarms.answer(me, household, id, words, now);
        tracks.ofHousehold(me.practice(), household).stream().filter(m -> m.track().dogId() == alarm.dogId() && m.visit().isPresent()).map(m -> m.track().id()).forEach(track -> {
            judgements.open(me.practice(), track).filter(d -> d.cause() == Cause.ALARM).ifPresent(d -> answers.accept(me, d.id(), d.version(), now));
            judgements.judge(me.practice(), track, now);
        });
        return "redirect:/households/" + household;
    }

    @PostMapping("/households/{household}/questions/{id}/answer")
    String answerQuestion(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @PathVariable UUID id, @RequestParam(defaultValue = "") String answer,
                          @RequestParam(defaultValue = "") String back, RedirectAttributes flash) {
        String words = answer.strip();
        if (words.isEmpty() || words.length() > LONGEST) {
            flash.addFlashAttribute("refusal", "An answer must have 1 to " + LONGEST + " characters, had " + words.length() + ".");
        } else {
            sending.answer(me, household, id, words, Site.address(), Instant.now(clock));
        }
        return "redirect:" + (back.matches("/|/lessons/\\d{1,18}") ? back : "/households/" + household);
    }
}

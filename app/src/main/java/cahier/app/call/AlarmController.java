package cahier.app.call;

import cahier.app.judge.Answers;
import cahier.app.language.Words;
import cahier.app.scope.TrainerUser;
import java.time.Clock;
import java.time.Instant;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** An alarm: read, and answered after somebody was spoken with. */
@Controller
class AlarmController {

    private static final int LONGEST_NAME = 120;

    private final AlarmAnswers answers;
    private final Clock clock;

    AlarmController(AlarmAnswers answers, Clock clock) {
        this.answers = answers;
        this.clock = clock;
    }

    @GetMapping("/alarms/{id}")
    String show(@AuthenticationPrincipal TrainerUser me, @PathVariable UUID id, Model model) {
        model.addAttribute("page", answers.page(me.practice(), id, Instant.now(clock)));
        if (!model.containsAttribute("typed")) {
            model.addAttribute("typed", Map.of());
            model.addAttribute("errors", Map.of());
        }
        return "call/alarm";
    }

    /** Sent by the page itself as soon as it is shown, or by its button. */
    @PostMapping("/alarms/{id}/opened")
    String opened(@AuthenticationPrincipal TrainerUser me, @PathVariable UUID id) {
        answers.opened(me.practice(), id, Instant.now(clock));
        return "redirect:/alarms/" + id;
    }

    /** "with", "answer", and of each track "next-ID" with "why-ID"; what cannot be taken stands again with what was typed. */
    @PostMapping("/alarms/{id}/answer")
    String answer(@AuthenticationPrincipal TrainerUser me, @PathVariable UUID id, @RequestParam Map<String, String> typed, Model model) {
        AlarmPage page = answers.page(me.practice(), id, Instant.now(clock));
        Map<String, String> errors = new HashMap<>();
        String with = said(typed, errors, "with", LONGEST_NAME, Words.say("call.AlarmController.must-name-whom-you-spoke"));
        String agreed = said(typed, errors, "answer", AlarmPage.LONGEST, Words.say("call.AlarmController.must-say-what-was-found"));
        Map<Long, AlarmAnswers.Choice> choices = new HashMap<>();
        for (AlarmPage.Call call : page.calls()) {
            Optional<Answers.Next> next = Arrays.stream(Answers.Next.values()).filter(n -> n.name().equals(typed.get("next-" + call.track()))).findFirst()
                    .filter(n -> n != Answers.Next.BACK || call.hasBelow());
            String why = typed.getOrDefault("why-" + call.track(), "").strip();
            if (next.filter(n -> n == Answers.Next.GO_ON).isPresent()) {
                why = said(typed, errors, "why-" + call.track(), AlarmPage.LONGEST, Words.say("call.AlarmController.must-say-why-it-goes"));
            }
            if (next.isPresent()) {
                choices.put(call.track(), new AlarmAnswers.Choice(next.get(), why));
            }
        }
        if (!errors.isEmpty()) {
            model.addAttribute("typed", typed);
            model.addAttribute("errors", errors);
            return show(me, id, model);
        }
        answers.answer(me, id, with, agreed, choices, Instant.now(clock));
        return "redirect:/households/" + page.alarm().householdId();
    }

    private static String said(Map<String, String> typed, Map<String, String> errors, String field, int most, String rule) {
        String words = typed.getOrDefault(field, "").strip();
        if (words.isEmpty() || words.length() > most) {
            errors.put(field, Words.say("call.AlarmController.in-1-to-characters-was", rule, most, words.length()));
        }
        return words;
    }
}

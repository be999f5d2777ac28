package cahier.app.team;

import cahier.app.account.Credentials;
import cahier.app.web.Check;
import java.time.Clock;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** Somebody who was invited chooses a password and belongs to the practice. */
@Controller
class JoinController {

    private final Credentials credentials;
    private final Clock clock;

    JoinController(Credentials credentials, Clock clock) {
        this.credentials = credentials;
        this.clock = clock;
    }

    record JoinForm(@Nullable String fresh) {
    }

    @GetMapping("/join/{word}")
    String form(@PathVariable String word, Model model) {
        model.addAttribute("form", new JoinForm(""));
        return page(word, model);
    }

    private String page(String word, Model model) {
        model.addAttribute("word", word);
        credentials.opened(word, Instant.now(clock)).ifPresent(w -> model.addAttribute("who", w));
        return "team/join";
    }

    @PostMapping("/join/{word}")
    String join(@PathVariable String word, @ModelAttribute("form") JoinForm form, BindingResult result, Model model) {
        String fresh = new Check(result).password("fresh", form.fresh());
        if (result.hasErrors() || !credentials.reset(word, fresh, Instant.now(clock))) {
            return page(word, model);
        }
        return "redirect:/login?joined";
    }
}

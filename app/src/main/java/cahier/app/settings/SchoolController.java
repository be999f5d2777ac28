package cahier.app.settings;

import cahier.app.audit.Audited;
import cahier.app.method.MethodForm;
import cahier.app.method.Methods;
import cahier.app.scope.TrainerUser;
import cahier.core.method.Method;
import cahier.core.method.Question;
import java.time.Clock;
import java.time.Instant;
import java.util.Map;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The practice's own method: pass rules, who moves on, and the rest. A household's choices go before it. */
@Controller
class SchoolController {

    private final Methods methods;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    SchoolController(Methods methods, ApplicationEventPublisher events, Clock clock) {
        this.methods = methods;
        this.events = events;
        this.clock = clock;
    }

    @GetMapping("/settings/method")
    String show(@AuthenticationPrincipal TrainerUser me, Model model) {
        model.addAttribute("method", methods.ofPractice(me.practice()));
        model.addAttribute("usual", new Method(Map.of()));
        model.addAttribute("questions", Question.values());
        return "settings/method";
    }

    @PostMapping("/settings/method")
    String keep(@AuthenticationPrincipal TrainerUser me, @RequestParam Map<String, String> form, RedirectAttributes flash) {
        methods.keepAsUsual(me.practice(), MethodForm.read(form, methods.ofPractice(me.practice())));
        events.publishEvent(Audited.of(me.practice(), Audited.What.SETTINGS_CHANGED, Instant.now(clock)));
        flash.addFlashAttribute("said", "Saved.");
        return "redirect:/settings/method";
    }
}

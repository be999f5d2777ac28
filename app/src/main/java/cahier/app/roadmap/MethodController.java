package cahier.app.roadmap;

import cahier.app.household.Households;
import cahier.app.language.Words;
import cahier.app.method.MethodForm;
import cahier.app.method.Methods;
import cahier.app.scope.TrainerUser;
import cahier.core.method.Method;
import cahier.core.method.Question;
import java.time.Clock;
import java.time.Instant;
import java.util.Map;
import java.util.Set;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** A household's method is chosen here, with the reasons why trainers differ; what it would change in the steps is shown and asked for. */
@Controller
class MethodController {

    private final Methods methods;
    private final Households households;
    private final SchoolChange schools;
    private final Clock clock;

    MethodController(Methods methods, Households households, SchoolChange schools, Clock clock) {
        this.methods = methods;
        this.households = households;
        this.schools = schools;
        this.clock = clock;
    }

    @GetMapping("/households/{household}/method")
    String open(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, Model model) {
        model.addAttribute("household", households.get(me.practice(), household));
        model.addAttribute("method", methods.ofHousehold(me.practice(), household));
        model.addAttribute("usual", methods.ofPractice(me.practice()));
        model.addAttribute("questions", Question.values());
        model.addAttribute("pending", schools.pending(me.practice(), household).size());
        return "method/method";
    }

    /** Each question by its name; one that is missing or unknown stays as it was. Then asks about the steps, if any would change. */
    @PostMapping("/households/{household}/method")
    String keep(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam Map<String, String> form, RedirectAttributes flash) {
        Method method = MethodForm.read(form, methods.ofHousehold(me.practice(), household));
        if (form.containsKey("usual")) {
            methods.keepAsUsual(me.practice(), method);
        }
        methods.keep(me.practice(), household, method);
        flash.addFlashAttribute("saved", form.containsKey("usual") ? Words.say("roadmap.MethodController.kept-and-the-usual-for") : Words.say("roadmap.MethodController.kept-for-this-household"));
        return "redirect:/households/" + household + "/method" + (schools.pending(me.practice(), household).isEmpty() ? "" : "/changes");
    }

    @GetMapping("/households/{household}/method/changes")
    String changes(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, Model model) {
        model.addAttribute("household", households.get(me.practice(), household));
        model.addAttribute("changes", schools.pending(me.practice(), household));
        return "method/changes";
    }

    /** Changes the steps of the ticked tracks; those of the others stay as they are. */
    @PostMapping("/households/{household}/method/changes")
    String change(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam(defaultValue = "") Set<Long> track, RedirectAttributes flash) {
        households.get(me.practice(), household);
        try {
            schools.answer(me.practice(), household, track, me.signature(), Instant.now(clock));
            return "redirect:/households/" + household + "/roadmap";
        } catch (GoesRound e) {
            flash.addFlashAttribute("refusal", e.getMessage());
            return "redirect:/households/" + household + "/method/changes";
        }
    }
}

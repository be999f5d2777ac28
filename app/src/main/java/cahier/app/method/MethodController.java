package cahier.app.method;

import cahier.app.account.TrainerUser;
import cahier.app.household.Households;
import cahier.core.method.Choice;
import cahier.core.method.Method;
import cahier.core.method.Question;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** One page on which a household's method is chosen, with the reasons why trainers differ. */
@Controller
class MethodController {

    private final Methods methods;
    private final Households households;

    MethodController(Methods methods, Households households) {
        this.methods = methods;
        this.households = households;
    }

    @GetMapping("/households/{household}/method")
    String open(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, Model model) {
        model.addAttribute("household", households.get(me.practice(), household));
        model.addAttribute("method", methods.ofHousehold(me.practice(), household));
        model.addAttribute("usual", methods.ofPractice(me.practice()));
        model.addAttribute("questions", Question.values());
        return "method/method";
    }

    /** Each question by its name; one that is missing or unknown stays as it was. */
    @PostMapping("/households/{household}/method")
    String keep(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam Map<String, String> form, RedirectAttributes flash) {
        Method before = methods.ofHousehold(me.practice(), household);
        Map<Question, Choice> chosen = new EnumMap<>(Question.class);
        for (Question question : Question.values()) {
            chosen.put(question, Arrays.stream(Choice.values()).filter(c -> question.choices().contains(c) && c.name().equals(form.get(question.name())))
                    .findFirst().orElse(before.of(question)));
        }
        Method method = new Method(chosen);
        if (form.containsKey("usual")) {
            methods.keepAsUsual(me.practice(), method);
        }
        methods.keep(me.practice(), household, method);
        flash.addFlashAttribute("saved", form.containsKey("usual") ? "Kept, and the usual for new households." : "Kept for this household.");
        return "redirect:/households/" + household + "/method";
    }
}

package cahier.app.shelf;

import cahier.app.method.MethodWords;
import cahier.app.method.Methods;
import cahier.app.scope.TrainerUser;
import cahier.app.step.StepForm;
import cahier.app.track.KeyedPlan;
import cahier.app.track.StepPlan;
import cahier.app.web.Check;
import cahier.app.web.NotFound;
import cahier.core.method.Method;
import java.util.List;
import java.util.function.UnaryOperator;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The steps of an own template. An edited step stands as it was written; the others go on following the method. */
@Controller
class ShelfStepController {

    private static final String NEW = "new";

    private final Templates templates;
    private final Methods methods;

    ShelfStepController(Templates templates, Methods methods) {
        this.templates = templates;
        this.methods = methods;
    }

    @GetMapping("/shelf/own-{id}/steps/{key}")
    String edit(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @PathVariable String key, Model model) {
        OwnTemplate own = templates.mine(me, id);
        List<KeyedPlan> steps = own.template().in(usual(me), "{" + Schooling.DOG + "}").steps();
        StepPlan plan = key.equals(NEW) ? steps.get(steps.size() - 1).plan().withTitle("")
                : steps.stream().filter(s -> s.key().equals(key)).findFirst().orElseThrow(() -> new NotFound("step " + key)).plan();
        model.addAttribute("form", StepForm.of(own.version(), plan));
        return form(me, own, key, model);
    }

    private Method usual(TrainerUser me) {
        return methods.ofPractice(me.practice());
    }

    private String form(TrainerUser me, OwnTemplate own, String key, Model model) {
        model.addAttribute("own", own);
        model.addAttribute("key", key);
        model.addAttribute("missHint", MethodWords.missHint(usual(me), own.template().kind()));
        return "shelf/step-form";
    }

    @PostMapping("/shelf/own-{id}/steps/{key}")
    String save(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @PathVariable String key, @ModelAttribute("form") StepForm form, BindingResult result,
                Model model) {
        OwnTemplate own = templates.mine(me, id);
        StepPlan plan = form.read(new Check(result), own.template().kind());
        if (!result.hasErrors()) {
            try {
                templates.save(me, id, form.version(), Written.withStep(own.template(), key.equals(NEW) ? "" : key, plan));
                return "redirect:/shelf/" + own.name();
            } catch (BadFile e) {
                result.rejectValue("title", "refused", String.join(". ", e.findings()));
            }
        }
        return form(me, own, key, model);
    }

    @PostMapping("/shelf/own-{id}/steps/{key}/move")
    String move(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @PathVariable String key, @RequestParam int by, RedirectAttributes flash) {
        return change(me, id, t -> Written.moved(t, key, by), flash);
    }

    @PostMapping("/shelf/own-{id}/steps/{key}/remove")
    String remove(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @PathVariable String key, RedirectAttributes flash) {
        return change(me, id, t -> Written.without(t, key), flash);
    }

    private String change(TrainerUser me, long id, UnaryOperator<Template> how, RedirectAttributes flash) {
        OwnTemplate own = templates.mine(me, id);
        try {
            templates.save(me, id, own.version(), how.apply(own.template()));
        } catch (BadFile e) {
            flash.addFlashAttribute("refusal", String.join(". ", e.findings()));
        }
        return "redirect:/shelf/" + own.name();
    }
}

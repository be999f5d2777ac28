package cahier.app.shelf;

import cahier.app.household.Dog;
import cahier.app.household.Households;
import cahier.app.language.Words;
import cahier.app.method.Methods;
import cahier.app.scope.TrainerUser;
import cahier.core.method.Method;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Two templates side by side, for a household or for none. */
@Controller
class CompareController {

    private static final int TWO = 2;

    private final Templates templates;
    private final Methods methods;
    private final Households households;

    CompareController(Templates templates, Methods methods, Households households) {
        this.templates = templates;
        this.methods = methods;
        this.households = households;
    }

    /**
     * Side by side, in the words of the household's method, or of the practice's.
     *
     * @param t names of templates; two of them
     */
    @GetMapping("/shelf/compare")
    String compare(@AuthenticationPrincipal TrainerUser me, @RequestParam(defaultValue = "") List<String> t, @RequestParam(required = false) @Nullable Long household, Model model,
                   RedirectAttributes flash) {
        List<String> names = t.stream().distinct().toList();
        if (names.size() != TWO) {
            flash.addFlashAttribute("refusal", Words.say("shelf.CompareController.tick-two-templates-to-compare", names.size()));
            return household == null ? "redirect:/shelf" : "redirect:/households/" + household + "/tracks/new";
        }
        Method method = household == null ? methods.ofPractice(me.practice()) : methods.ofHousehold(me.practice(), household);
        String dog = household == null ? ShelfController.A_DOG : households.dogs(me.practice(), household).stream().map(Dog::name).findFirst().orElse(ShelfController.A_DOG);
        List<Templates.Listed> two = names.stream().map(name -> templates.listed(me, name, method, dog)).toList();
        model.addAttribute("two", two);
        model.addAttribute("most", Math.max(two.get(0).ready().steps().size(), two.get(1).ready().steps().size()));
        model.addAttribute("household", household == null ? null : households.get(me.practice(), household));
        return "shelf/compare";
    }
}

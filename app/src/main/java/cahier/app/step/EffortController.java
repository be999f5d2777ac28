package cahier.app.step;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What a pass rule will take, asked for while it is typed. */
@Controller
class EffortController {

    @GetMapping("/effort")
    String effort(@RequestParam(defaultValue = "") String pass, @RequestParam(defaultValue = "") String run, @RequestParam(defaultValue = "") String reps, Model model) {
        model.addAttribute("says", EffortWords.of(pass, run, reps));
        return "step/effort";
    }
}

package cahier.app.find;

import cahier.app.scope.TrainerUser;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What is found while it is typed, under the field that every page has. */
@Controller
class FindController {

    private static final int AT_A_GLANCE = 8;

    private final Finds finds;

    FindController(Finds finds) {
        this.finds = finds;
    }

    @GetMapping("/find")
    String glance(@AuthenticationPrincipal TrainerUser me, @RequestParam(defaultValue = "") String find, Model model) {
        model.addAttribute("found", finds.with(me.practice(), find, AT_A_GLANCE));
        model.addAttribute("find", find.strip());
        return "kit/found :: glance";
    }
}

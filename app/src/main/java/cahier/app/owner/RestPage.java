package cahier.app.owner;

import java.util.Optional;
import org.springframework.ui.Model;

/** The page in the place of work beside the tracks that rests: why, and what there is to do instead. */
final class RestPage {

    private RestPage() {
    }

    static String show(String token, String title, Beside beside, Today today, Model model) {
        model.addAttribute("token", token);
        model.addAttribute("resting", new Resting(title, "", String.join(" ", beside.rests()), Optional.empty(), today.tasks().stream().filter(t -> t.isPractised() && !t.isDone()).toList()));
        return "owner/rests";
    }
}

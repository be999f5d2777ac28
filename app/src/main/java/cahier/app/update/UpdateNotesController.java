package cahier.app.update;

import cahier.app.scope.TrainerUser;
import java.time.Clock;
import java.time.Instant;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** What to look at after an update. */
@Controller
class UpdateNotesController {

    private final UpdateNotes notes;
    private final Clock clock;

    UpdateNotesController(UpdateNotes notes, Clock clock) {
        this.notes = notes;
        this.clock = clock;
    }

    @GetMapping("/update-notes")
    String list(@AuthenticationPrincipal TrainerUser me, Model model) {
        model.addAttribute("notes", notes.list(me.practice()));
        return "update/notes";
    }

    @PostMapping("/update-notes/{id}/seen")
    String seen(@AuthenticationPrincipal TrainerUser me, @PathVariable long id) {
        notes.seen(me.practice(), id, Instant.now(clock));
        return "redirect:/update-notes";
    }
}

package cahier.app.copy;

import cahier.app.audit.Audited;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.language.Words;
import cahier.app.scope.TrainerUser;
import cahier.app.shelf.BadFile;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.Resource;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Copies out and in, for the trainer. */
@Controller
class CopyController {

    private final Copies copies;
    private final BringIn bringIn;
    private final Households households;
    private final Clock clock;

    CopyController(Copies copies, BringIn bringIn, Households households, Clock clock) {
        this.copies = copies;
        this.bringIn = bringIn;
        this.households = households;
        this.clock = clock;
    }

    @PostMapping("/households/{household}/export")
    ResponseEntity<Resource> household(@AuthenticationPrincipal TrainerUser me, @PathVariable long household) {
        Household home = households.get(me.practice(), household);
        return Download.of(copies.household(me.practice(), household, Audited.What.EXPORTED, Instant.now(clock)), home.name(), LocalDate.now(clock.withZone(home.zone())));
    }

    @PostMapping("/settings/export")
    ResponseEntity<Resource> practice(@AuthenticationPrincipal TrainerUser me) {
        return Download.of(copies.practice(me.practice(), Instant.now(clock)), me.practiceName(), LocalDate.now(clock.withZone(ZoneOffset.UTC)));
    }

    @GetMapping("/settings/bring-in")
    String blank(Model model) {
        model.addAttribute("findings", List.of());
        return "copy/bring-in";
    }

    /** What does not fit changes nothing, and is said. */
    @PostMapping("/settings/bring-in")
    String bringIn(@AuthenticationPrincipal TrainerUser me, @RequestParam(required = false) @Nullable MultipartFile file, Model model, RedirectAttributes flash) {
        if (file == null || file.isEmpty()) {
            model.addAttribute("findings", List.of(Words.say("copy.CopyController.choose-the-zip-file-first")));
            return "copy/bring-in";
        }
        Path kept = null;
        try {
            kept = Files.createTempFile("cahier-in-", ".zip");
            file.transferTo(kept);
            BringIn.Came came = bringIn.from(me, kept, Instant.now(clock));
            flash.addFlashAttribute("came", came);
            return "redirect:/settings/bring-in";
        } catch (BadFile e) {
            model.addAttribute("findings", e.findings());
            return "copy/bring-in";
        } catch (IOException e) {
            throw new UncheckedIOException("the file could not be kept", e);
        } finally {
            if (kept != null) {
                Copies.delete(kept);
            }
        }
    }
}

package cahier.app.book;

import cahier.app.account.TrainerUser;
import cahier.app.exposure.Exposures;
import cahier.app.exposure.Far;
import cahier.app.exposure.Trigger;
import cahier.app.household.Households;
import cahier.app.web.Measures;
import java.time.Clock;
import java.time.Instant;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** How near each dog of a household can work to what it minds. */
@Controller
class DistanceController {

    private final Exposures exposures;
    private final Households households;
    private final Clock clock;

    DistanceController(Exposures exposures, Households households, Clock clock) {
        this.exposures = exposures;
        this.households = households;
        this.clock = clock;
    }

    @GetMapping("/households/{id}/distances")
    String show(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, Model model) {
        model.addAttribute("facts", households.facts(me.practice(), id));
        model.addAttribute("readings", exposures.of(me.practice(), id, Instant.now(clock)));
        return "exposure/distances";
    }

    /** What the trainer accepts or sets by hand, "18 m" or "60 ft". */
    @PostMapping("/households/{id}/distances")
    String set(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestParam long dog, @RequestParam Trigger kind, @RequestParam(defaultValue = "") String metres, RedirectAttributes flash) {
        households.get(me.practice(), id);
        try {
            double far = Measures.metres(metres);
            if (far <= 0 || far > Far.FURTHEST_M) {
                throw new IllegalArgumentException("must be above 0 and up to 1000 m, was “" + metres + "”");
            }
            exposures.set(me.practice(), id, dog, kind, far, me.signature(), Instant.now(clock));
        } catch (IllegalArgumentException e) {
            flash.addFlashAttribute("refusal", "The distance " + e.getMessage() + ". Nothing was changed.");
        }
        return "redirect:/households/" + id + "/distances";
    }
}

package cahier.app.settings;

import cahier.app.audit.Audited;
import cahier.app.erasure.Keeping;
import cahier.app.erasure.Keeping.Kept;
import cahier.app.language.Words;
import cahier.app.scope.TrainerUser;
import cahier.app.web.Check;
import java.time.Clock;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** How long the practice keeps what was written. */
@Controller
class KeepingController {

    private static final int MOST_MONTHS = 120;
    private static final int YEAR = 12;

    private final Keeping keeping;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    KeepingController(Keeping keeping, ApplicationEventPublisher events, Clock clock) {
        this.keeping = keeping;
        this.events = events;
        this.clock = clock;
    }

    record KeepingForm(@Nullable String reps, @Nullable String health, @Nullable String questions, @Nullable String mail) {

        static KeepingForm of(Kept kept) {
            return new KeepingForm(months(kept.reps()), months(kept.health()), months(kept.questions()), months(kept.mail()));
        }

        private static String months(@Nullable Integer months) {
            return months == null ? "" : months.toString();
        }
    }

    @GetMapping("/settings/keeping")
    String show(@AuthenticationPrincipal TrainerUser me, Model model) {
        model.addAttribute("form", KeepingForm.of(keeping.of(me.practice())));
        return "settings/keeping";
    }

    @PostMapping("/settings/keeping")
    String keep(@AuthenticationPrincipal TrainerUser me, @ModelAttribute("form") KeepingForm form, BindingResult result, RedirectAttributes flash) {
        Check check = new Check(result);
        Kept kept = new Kept(months(check, "reps", form.reps(), YEAR), months(check, "health", form.health(), YEAR), months(check, "questions", form.questions(), 1), months(check, "mail", form.mail(), 1));
        if (result.hasErrors()) {
            return "settings/keeping";
        }
        keeping.keep(me.practice(), kept);
        events.publishEvent(Audited.of(me.practice(), Audited.What.SETTINGS_CHANGED, Instant.now(clock)));
        flash.addFlashAttribute("said", Words.say("settings.KeepingController.saved-what-is-older-goes"));
        return "redirect:/settings/keeping";
    }

    private static @Nullable Integer months(Check check, String field, @Nullable String typed, int least) {
        var months = check.optionalWhole(field, typed, least, MOST_MONTHS);
        return months.isPresent() ? months.getAsInt() : null;
    }
}

package cahier.app.settings;

import cahier.app.account.AccountService;
import cahier.app.account.AccountService.PracticeSettings;
import cahier.app.account.AccountService.Trainer;
import cahier.app.account.SignIns;
import cahier.app.audit.Audited;
import cahier.app.language.Words;
import cahier.app.outbox.TrainerMail;
import cahier.app.scope.TrainerUser;
import cahier.app.web.Check;
import cahier.app.web.Phones;
import cahier.app.web.Site;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Instant;
import java.util.Locale;
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

/** The trainer's own telephone number, and the practice. */
@Controller
class SettingsController {

    private static final int NAME = 80;
    private static final int ADDRESS = 200;

    private final AccountService accounts;
    private final SignIns signIns;
    private final TrainerMail mail;
    private final Site site;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    SettingsController(AccountService accounts, SignIns signIns, TrainerMail mail, Site site, ApplicationEventPublisher events, Clock clock) {
        this.accounts = accounts;
        this.signIns = signIns;
        this.mail = mail;
        this.site = site;
        this.events = events;
        this.clock = clock;
    }

    record SettingsForm(@Nullable String phone, @Nullable String questionsByMail, @Nullable String language) {

        static SettingsForm of(Trainer me) {
            return new SettingsForm(me.phoneShown(), me.questionsByMail() ? "on" : null, me.language());
        }
    }

    record PracticeForm(@Nullable String name, @Nullable String address, @Nullable String practicePhone, @Nullable String country, @Nullable String zone, @Nullable String lesson, @Nullable String travel,
                        @Nullable String rhythm, @Nullable String reps, @Nullable String sessions, @Nullable String spoken) {

        static PracticeForm of(PracticeSettings s) {
            return new PracticeForm(s.name(), s.address(), s.phoneShown(), s.country(), s.zoneId(), Integer.toString(s.lessonMinutes()), Integer.toString(s.travelMinutes()),
                    Integer.toString(s.rhythmDays()), Integer.toString(s.stepReps()), Integer.toString(s.stepSessions()), s.language());
        }
    }

    @GetMapping("/settings")
    String show(@AuthenticationPrincipal TrainerUser me, Model model) {
        PracticeSettings settings = accounts.settings(me.practice());
        model.addAttribute("form", SettingsForm.of(accounts.trainer(me)));
        model.addAttribute("practice", PracticeForm.of(settings));
        return page(model);
    }

    private String page(Model model) {
        model.addAttribute("site", site.address());
        model.addAttribute("mailGoes", mail.isSet());
        return "settings/settings";
    }

    @PostMapping("/settings")
    String keep(@AuthenticationPrincipal TrainerUser me, @ModelAttribute("form") SettingsForm form, BindingResult result, Model model, RedirectAttributes flash) {
        PracticeSettings settings = accounts.settings(me.practice());
        Check check = new Check(result);
        String phone = check.phone("phone", form.phone(), settings.country());
        String language = check.language("language", form.language());
        if (result.hasErrors()) {
            model.addAttribute("practice", PracticeForm.of(settings));
            return page(model);
        }
        accounts.keepOwn(me, phone, form.questionsByMail() != null, language);
        flash.addFlashAttribute("said", "Saved.");
        return "redirect:/settings";
    }

    @PostMapping("/settings/practice")
    String keepPractice(@AuthenticationPrincipal TrainerUser me, @ModelAttribute("practice") PracticeForm form, BindingResult result, HttpServletRequest request, HttpServletResponse response,
                        Model model, RedirectAttributes flash) {
        PracticeSettings before = accounts.settings(me.practice());
        Check check = new Check(result);
        String country = check.optional("country", form.country(), 2).toUpperCase(Locale.ROOT);
        if (!country.isEmpty() && !Phones.isCountry(country)) {
            check.refuse("country", Words.say("settings.SettingsController.must-be-the-two-letters", form.country()));
            country = "";
        }
        String spoken = check.language("spoken", form.spoken());
        PracticeSettings after = new PracticeSettings(check.text("name", form.name(), NAME), check.optional("address", form.address(), ADDRESS),
                check.phone("practicePhone", form.practicePhone(), country), country, check.zone("zone", form.zone()).getId(), check.whole("lesson", form.lesson(), 15, 240),
                check.whole("travel", form.travel(), 0, 240), check.whole("rhythm", form.rhythm(), 1, 60), check.whole("reps", form.reps(), 1, 50), check.whole("sessions", form.sessions(), 1, 10),
                spoken == null ? before.language() : spoken);
        if (result.hasErrors()) {
            model.addAttribute("form", SettingsForm.of(accounts.trainer(me)));
            return page(model);
        }
        accounts.keep(me.practice(), after);
        signIns.rename(me, after.name(), request, response);
        events.publishEvent(Audited.of(me.practice(), Audited.What.SETTINGS_CHANGED, Instant.now(clock)));
        flash.addFlashAttribute("said", "Saved.");
        return "redirect:/settings";
    }

    @PostMapping("/settings/try-mail")
    String tryMail(@AuthenticationPrincipal TrainerUser me, RedirectAttributes flash) {
        boolean goes = mail.tryOut(me, site.address(), Instant.now(clock));
        flash.addFlashAttribute("said", goes ? Words.say("settings.SettingsController.a-mail-to-is-on", me.email()) : Words.say("settings.SettingsController.no-mail-server-is-named"));
        return "redirect:/settings";
    }
}

package cahier.app.account;

import cahier.app.brake.Brake;
import cahier.app.brake.Brakes;
import cahier.app.brake.TooMuch;
import cahier.app.language.Words;
import cahier.app.scope.TrainerUser;
import cahier.app.web.Check;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The trainer asks for a code at sign-in, and takes that back; each with a code in hand, so that nobody is locked out and nobody else unlocks. */
@Controller
class SecondFactorController {

    private final SecondFactors factors;
    private final Brakes brakes;
    private final Clock clock;

    SecondFactorController(SecondFactors factors, Brakes brakes, Clock clock) {
        this.factors = factors;
        this.brakes = brakes;
        this.clock = clock;
    }

    record CodeForm(@Nullable String code) {

        String typed() {
            return code == null ? "" : code;
        }
    }

    @PostMapping("/account/second-factor/begin")
    String begin(@AuthenticationPrincipal TrainerUser me, RedirectAttributes flash) {
        if (!factors.canBe()) {
            flash.addFlashAttribute("said", Words.say("account.SecondFactorController.this-installation-has-no-cahier"));
            return "redirect:/account";
        }
        factors.begin(me);
        return "redirect:/account/second-factor";
    }

    @GetMapping("/account/second-factor")
    String show(@AuthenticationPrincipal TrainerUser me, Model model) {
        model.addAttribute("form", new CodeForm(""));
        return page(me, model);
    }

    private String page(TrainerUser me, Model model) {
        SecondFactors.State state = factors.of(me);
        Optional<SecondFactors.Offer> offer = factors.offer(me);
        if (!state.isOn() && offer.isEmpty()) {
            return "redirect:/account";
        }
        model.addAttribute("state", state);
        model.addAttribute("offer", offer.orElse(null));
        return "account/second-factor";
    }

    @PostMapping("/account/second-factor/confirm")
    String confirm(@AuthenticationPrincipal TrainerUser me, @ModelAttribute("form") CodeForm form, BindingResult result, Model model) {
        Optional<List<String>> codes = tried(me, result, () -> factors.confirm(me, form.typed(), Instant.now(clock)));
        return shown(codes, me, model);
    }

    @PostMapping("/account/second-factor/codes")
    String renew(@AuthenticationPrincipal TrainerUser me, @ModelAttribute("form") CodeForm form, BindingResult result, Model model) {
        return shown(tried(me, result, () -> factors.renew(me, form.typed(), Instant.now(clock))), me, model);
    }

    /** Shown this once: the page is not kept, and no address leads to it. */
    private String shown(Optional<List<String>> codes, TrainerUser me, Model model) {
        if (codes.isEmpty()) {
            return page(me, model);
        }
        model.addAttribute("codes", codes.get());
        return "account/recovery-codes";
    }

    @PostMapping("/account/second-factor/off")
    String off(@AuthenticationPrincipal TrainerUser me, @ModelAttribute("form") CodeForm form, BindingResult result, Model model, RedirectAttributes flash) {
        Instant now = Instant.now(clock);
        if (tried(me, result, () -> Optional.of(factors.check(me, form.typed(), now)).filter(right -> right)).isEmpty()) {
            return page(me, model);
        }
        factors.off(me, now);
        flash.addFlashAttribute("said", Words.say("account.SecondFactorController.no-code-is-asked-for"));
        return "redirect:/account";
    }

    private <T> Optional<T> tried(TrainerUser me, BindingResult result, Supplier<Optional<T>> look) {
        Check check = new Check(result);
        String account = me.email().toLowerCase(Locale.ROOT);
        Optional<Duration> wait = brakes.take(Brake.SIGN_IN_CODE, account);
        if (wait.isPresent()) {
            check.refuse("code", Words.say("account.SecondFactorController.was-wrong-too-often-try", TooMuch.words(wait.get())));
            return Optional.empty();
        }
        Optional<T> found = look.get();
        if (found.isPresent()) {
            brakes.giveBack(Brake.SIGN_IN_CODE, account);
        } else {
            check.refuse("code", Words.say("account.SecondFactorController.is-not-the-code-of"));
        }
        return found;
    }
}

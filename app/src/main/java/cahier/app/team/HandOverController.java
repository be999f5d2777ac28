package cahier.app.team;

import cahier.app.account.AccountService;
import cahier.app.account.AccountService.Trainer;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.language.Words;
import cahier.app.scope.TrainerUser;
import cahier.app.web.Check;
import cahier.app.web.Dates;
import cahier.app.web.Site;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** A household goes from one trainer to another. */
@Controller
class HandOverController {

    private final HandOvers handOvers;
    private final Households households;
    private final AccountService accounts;
    private final Site site;
    private final Clock clock;

    HandOverController(HandOvers handOvers, Households households, AccountService accounts, Site site, Clock clock) {
        this.handOvers = handOvers;
        this.households = households;
        this.accounts = accounts;
        this.site = site;
        this.clock = clock;
    }

    /**
     * @param from the number of the trainer whose it was when the page was opened; empty where all shared it
     * @param to the number of the one whose it shall be; empty for everybody
     */
    record HandOverForm(@Nullable String from, @Nullable String to, @Nullable String note) {
    }

    /** One that was, as the page says it. */
    record Line(HandOver it, String when) {
    }

    @GetMapping("/households/{household}/hand-over")
    String form(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, Model model) {
        Household home = households.get(me.practice(), household);
        String now = home.trainerId() == null ? "" : home.trainerId().toString();
        model.addAttribute("form", new HandOverForm(now, now, ""));
        return page(me, home, model);
    }

    private String page(TrainerUser me, Household home, Model model) {
        LocalDate today = Instant.now(clock).atZone(home.zone()).toLocalDate();
        model.addAttribute("household", home);
        model.addAttribute("team", accounts.working(me.practice()));
        model.addAttribute("kept", handOvers.kept(me.practice(), home.id(), Instant.now(clock)));
        model.addAttribute("before", handOvers.of(me.practice(), home.id()).stream().map(o -> new Line(o, Dates.moment(o.at(), home.zone(), today))).toList());
        return "team/hand-over";
    }

    @PostMapping("/households/{household}/hand-over")
    String handOver(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @ModelAttribute("form") HandOverForm form, BindingResult result, Model model) {
        Check check = new Check(result);
        String note = check.optional("note", form.note(), HandOvers.LONGEST_NOTE);
        Optional<Long> to = Next.read(check, form.to(), accounts.working(me.practice()).stream().map(Trainer::id).toList());
        if (!result.hasErrors()) {
            try {
                handOvers.handOver(me, household, Next.number(form.from()), to.orElse(null), note, site.address(), Instant.now(clock));
                return "redirect:/households/" + household;
            } catch (HandOvers.Gone e) {
                check.refuse("to", Words.say("team.HandOverController.went-to-somebody-else-meanwhile"));
            }
        }
        return page(me, households.get(me.practice(), household), model);
    }

    @PostMapping("/hand-overs/{id}/read")
    String read(@AuthenticationPrincipal TrainerUser me, @PathVariable long id) {
        handOvers.read(me, id, Instant.now(clock));
        return "redirect:/";
    }
}

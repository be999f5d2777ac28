package cahier.app.team;

import cahier.app.account.AccountService;
import cahier.app.brake.Brake;
import cahier.app.brake.Brakes;
import cahier.app.brake.TooMuch;
import cahier.app.language.Words;
import cahier.app.scope.TrainerRole;
import cahier.app.scope.TrainerUser;
import cahier.app.web.Check;
import cahier.app.web.Dates;
import cahier.app.web.NotFound;
import cahier.app.web.Site;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The trainers of the practice: invited, given a role, away, let go. */
@Controller
@RequestMapping("/settings/trainers")
class TeamController {

    private static final String BACK = "redirect:/settings/trainers";

    private final Team team;
    private final AccountService accounts;
    private final Brakes brakes;
    private final Site site;
    private final Clock clock;

    TeamController(Team team, AccountService accounts, Brakes brakes, Site site, Clock clock) {
        this.team = team;
        this.accounts = accounts;
        this.brakes = brakes;
        this.site = site;
        this.clock = clock;
    }

    record InviteForm(@Nullable String name, @Nullable String email, @Nullable String role) {
    }

    record AwayForm(@Nullable String away, @Nullable String standIn, @Nullable String from, @Nullable String until) {
    }

    /** @param to the number of the trainer who has the households from now on; empty for everybody */
    record LetGoForm(@Nullable String to, @Nullable String note) {
    }

    /**
     * Somebody is away, as the page says it.
     *
     * @param mine whether whoever looks may take it back
     */
    record AwayLine(long id, String words, boolean mine) {
    }

    @GetMapping
    String show(@AuthenticationPrincipal TrainerUser me, Model model) {
        if (!model.containsAttribute("form")) {
            model.addAttribute("form", new InviteForm("", "", TrainerRole.TRAINS.name()));
        }
        Map<Long, Member> members = team.members(me.practice()).stream().collect(Collectors.toMap(Member::id, Function.identity(), (a, b) -> a, LinkedHashMap::new));
        LocalDate today = LocalDate.ofInstant(Instant.now(clock), accounts.zone(me.practice()));
        model.addAttribute("members", members.values());
        List<Member> working = members.values().stream().filter(Member::isWorking).toList();
        model.addAttribute("working", working);
        if (!model.containsAttribute("holiday")) {
            model.addAttribute("holiday", new AwayForm(Long.toString(me.id()), working.stream().filter(m -> m.id() != me.id()).findFirst().map(m -> Long.toString(m.id())).orElse(""), "", ""));
        }
        model.addAttribute("away", team.standIns(me.practice(), Instant.now(clock)).stream().map(s -> new AwayLine(s.id(), words(s, members, today), s.trainerId() == me.id() || me.isRunning())).toList());
        return "team/trainers";
    }

    private static String words(StandIn s, Map<Long, Member> members, LocalDate today) {
        return Words.say("team.TeamController.is-away-until-stands-in", name(members, s.trainerId()), (s.fromDay().isAfter(today) ? Words.say("team.TeamController.from", Dates.longDate(s.fromDay())) : "now,"), Dates.longDate(s.untilDay()), name(members, s.standInId()));
    }

    private static String name(Map<Long, Member> members, long id) {
        return Optional.ofNullable(members.get(id)).map(Member::name).orElse("Somebody");
    }

    @PostMapping
    String invite(@AuthenticationPrincipal TrainerUser me, @ModelAttribute("form") InviteForm form, BindingResult result, Model model, RedirectAttributes flash) {
        Check check = new Check(result);
        String name = check.text("name", form.name(), 80);
        String email = check.email("email", check.text("email", form.email(), 120));
        TrainerRole role = check.choice("role", form.role(), TrainerRole.class);
        if (!result.hasErrors()) {
            brakes.take(Brake.INVITATIONS, me.practice().toString()).ifPresent(wait -> check.refuse("email", Words.say("team.TeamController.waits-too-many-invitations-try", TooMuch.words(wait))));
        }
        if (!result.hasErrors()) {
            try {
                invited(name, team.invite(me, name, email, role, site.address(), Instant.now(clock)), flash);
                return BACK;
            } catch (Team.Refused e) {
                check.refuse(e.field(), e.why());
            }
        }
        return show(me, model);
    }

    private void invited(String name, Optional<String> word, RedirectAttributes flash) {
        flash.addFlashAttribute("said", word.isEmpty() ? Words.say("team.TeamController.an-invitation-to-is-on", name) : Words.say("team.TeamController.no-mail-server-is-named", name));
        word.ifPresent(w -> flash.addFlashAttribute("link", site.address() + "/join/" + w));
    }

    @PostMapping("/{id}/again")
    String again(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, RedirectAttributes flash) {
        Optional<String> wait = brakes.take(Brake.INVITATIONS, me.practice().toString()).map(TooMuch::words);
        if (wait.isPresent()) {
            flash.addFlashAttribute("refusal", Words.say("team.TeamController.too-many-invitations-try-again", wait.get()));
        } else {
            invited(team.member(me.practice(), id).name(), team.inviteAgain(me, id, site.address(), Instant.now(clock)), flash);
        }
        return BACK;
    }

    @PostMapping("/{id}/role")
    String role(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, TrainerRole role, RedirectAttributes flash) {
        try {
            team.setRole(me, id, role, site.address(), Instant.now(clock));
            flash.addFlashAttribute("said", team.member(me.practice(), id).name() + ": " + role.words() + ". They sign in once more.");
        } catch (Team.Refused e) {
            flash.addFlashAttribute("refusal", e.why());
        }
        return BACK;
    }

    @GetMapping("/{id}/let-go")
    String askToLetGo(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, Model model) {
        Member who = team.member(me.practice(), id);
        if (who.isGone()) {
            throw new NotFound("trainer " + id);
        }
        model.addAttribute("who", who);
        model.addAttribute("others", team.members(me.practice()).stream().filter(m -> m.isWorking() && m.id() != id).toList());
        if (!model.containsAttribute("form")) {
            model.addAttribute("form", new LetGoForm("", ""));
        }
        return "team/let-go";
    }

    @PostMapping("/{id}/let-go")
    String letGo(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @ModelAttribute("form") LetGoForm form, BindingResult result, Model model, RedirectAttributes flash) {
        Check check = new Check(result);
        String note = check.optional("note", form.note(), HandOvers.LONGEST_NOTE);
        Optional<Long> to = Next.read(check, form.to(), team.members(me.practice()).stream().filter(m -> m.isWorking() && m.id() != id).map(Member::id).toList());
        if (!result.hasErrors()) {
            try {
                String name = team.member(me.practice(), id).name();
                team.letGo(me, id, to.orElse(null), note, site.address(), Instant.now(clock));
                flash.addFlashAttribute("said", Words.say("team.TeamController.does-not-belong-to-the", name));
                return me.id() == id ? "redirect:/login?ended" : BACK;
            } catch (Team.Refused e) {
                check.refuse("to", e.why());
            }
        }
        return askToLetGo(me, id, model);
    }

    @PostMapping("/away")
    String away(@AuthenticationPrincipal TrainerUser me, @ModelAttribute("holiday") AwayForm form, BindingResult result, Model model, RedirectAttributes flash) {
        Check check = new Check(result);
        LocalDate from = check.date("from", form.from());
        LocalDate until = check.date("until", form.until());
        List<Long> all = team.members(me.practice()).stream().filter(m -> m.isWorking() && (me.isRunning() || m.id() == me.id())).map(Member::id).toList();
        Optional<Long> away = Next.one(all, form.away());
        Optional<Long> standIn = Next.one(team.members(me.practice()).stream().filter(Member::isWorking).map(Member::id).toList(), form.standIn());
        if (away.isEmpty()) {
            check.refuse("away", Words.say("team.TeamController.must-be-a-trainer-of"));
        }
        if (standIn.isEmpty()) {
            check.refuse("standIn", Words.say("team.TeamController.must-be-a-trainer-of-2"));
        }
        if (from == null && !check.isRefused("from")) {
            check.refuse("from", Words.say("team.TeamController.must-be-a-day-such"));
        }
        if (until == null && !check.isRefused("until")) {
            check.refuse("until", Words.say("team.TeamController.must-be-a-day-such-2"));
        }
        if (!result.hasErrors() && from != null && until != null && away.isPresent() && standIn.isPresent()) {
            try {
                team.away(me, away.get(), standIn.get(), from, until, Instant.now(clock));
                flash.addFlashAttribute("said", "Kept.");
                return BACK + "#away";
            } catch (Team.Refused e) {
                check.refuse(e.field(), e.why());
            }
        }
        return show(me, model);
    }

    @PostMapping("/away/{id}/end")
    String back(@AuthenticationPrincipal TrainerUser me, @PathVariable long id) {
        team.back(me, id, Instant.now(clock));
        return BACK + "#away";
    }
}

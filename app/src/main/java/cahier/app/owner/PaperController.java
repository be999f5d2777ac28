package cahier.app.owner;

import cahier.app.household.Facts;
import cahier.app.log.NewRep;
import cahier.app.log.Tags;
import cahier.app.sheet.OwnerLinks.Owner;
import cahier.app.web.Check;
import cahier.core.rep.Outcome;
import cahier.core.rep.Role;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestAttribute;

/** Types in a session that was tallied on paper. */
@Controller
class PaperController {

    private static final int SECONDS_A_REP = 20;

    private final OwnerPractice practice;
    private final Clock clock;

    PaperController(OwnerPractice practice, Clock clock) {
        this.practice = practice;
        this.clock = clock;
    }

    @GetMapping("/o/{token}/paper/{step}")
    String blank(@PathVariable String token, @PathVariable long step, @RequestAttribute(OwnerFilter.OWNER) Owner owner, Model model) {
        Instant now = Instant.now(clock);
        ZoneId zone = practice.facts(owner).household().zone();
        model.addAttribute("form", new PaperForm(UUID.randomUUID().toString(), now.atZone(zone).toLocalDate().toString(), LocalTime.of(now.atZone(zone).getHour(), 0).toString(),
                "", "", "", "", "", "", "", ""));
        return page(token, step, owner, now, model);
    }

    private String page(String token, long step, Owner owner, Instant now, Model model) {
        model.addAttribute("token", token);
        model.addAttribute("step", practice.onPaper(owner, step, now));
        model.addAttribute("facts", practice.facts(owner));
        return "owner/paper";
    }

    @PostMapping("/o/{token}/paper/{step}")
    String keep(@PathVariable String token, @PathVariable long step, @RequestAttribute(OwnerFilter.OWNER) Owner owner, @ModelAttribute("form") PaperForm form, BindingResult result,
                Model model) {
        Instant now = Instant.now(clock);
        Today.OnPaper on = practice.onPaper(owner, step, now);
        Facts facts = practice.facts(owner);
        ZoneId zone = facts.household().zone();
        Check check = new Check(result);
        List<Outcome> outcomes = form.outcomes(check);
        LocalDate day = form.day(check, now.atZone(zone).toLocalDate());
        Instant at = day.atTime(form.at(check)).atZone(zone).toInstant();
        if (at.plusSeconds((long) SECONDS_A_REP * outcomes.size()).isAfter(now)) {
            at = now.minusSeconds((long) SECONDS_A_REP * outcomes.size());
        }
        if (result.hasErrors()) {
            return page(token, step, owner, now, model);
        }
        UUID sitting = RepBatch.uuidOr(form.sitting(), UUID.randomUUID());
        List<NewRep> reps = new ArrayList<>();
        for (int i = 0; i < outcomes.size(); i++) {
            UUID id = UUID.nameUUIDFromBytes((sitting + "/" + i).getBytes(StandardCharsets.UTF_8));
            at = at.plusSeconds(SECONDS_A_REP);
            reps.add(new NewRep(id, sitting, on.trackId(), step, outcomes.get(i), Role.WORK, at, one(form.person(), facts.people().stream().map(p -> p.id()).toList()),
                    one(form.place(), facts.places().stream().map(p -> p.id()).toList()), new Tags(null, null, "", "", one(form.adult(), facts.adults().stream().map(p -> p.id()).toList()))));
        }
        practice.storePaper(owner, sitting, reps, at, now);
        return "redirect:/o/" + token;
    }

    private static @Nullable Long one(@Nullable String typed, List<Long> known) {
        return known.stream().filter(id -> id.toString().equals(typed)).findFirst().orElse(null);
    }
}

package cahier.app.gate;

import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.language.Words;
import cahier.app.scope.TrainerUser;
import cahier.app.web.Check;
import cahier.core.gate.Gate.Clearance;
import cahier.core.gate.Profession;
import cahier.core.gate.RedFlag;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Raises, clears and withdraws red flags, and writes the letter that refers the dog on. */
@Controller
class GateController {

    private static final int TEXT = 1000;

    private final Gates gates;
    private final Households households;
    private final Clock clock;

    GateController(Gates gates, Households households, Clock clock) {
        this.gates = gates;
        this.households = households;
        this.clock = clock;
    }

    record FlagForm(@Nullable String dog, @Nullable String flag, @Nullable String what) {
    }

    record ClearForm(@Nullable String by, @Nullable String name, @Nullable String on, @Nullable String note) {
    }

    @GetMapping("/households/{household}/flags/new")
    String blank(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, Model model) {
        Facts facts = facts(me, household, model);
        model.addAttribute("form", new FlagForm(facts.dogs().isEmpty() ? "" : Long.toString(facts.dogs().get(0).id()), "", ""));
        return "gate/flag";
    }

    @PostMapping("/households/{household}/flags")
    String raise(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @ModelAttribute("form") FlagForm form, BindingResult result,
                 Model model) {
        Facts facts = facts(me, household, model);
        Check check = new Check(result);
        RedFlag flag = check.choice("flag", form.flag(), RedFlag.class);
        String what = check.text("what", form.what(), TEXT);
        long dog = facts.dogs().stream().map(d -> d.id()).filter(id -> id.toString().equals(form.dog())).findFirst().orElse(0L);
        if (dog == 0) {
            check.refuse("dog", Words.say("gate.GateController.must-be-one-of-the"));
        }
        if (result.hasErrors()) {
            return "gate/flag";
        }
        gates.raise(me, household, dog, flag, what, now());
        return intake(household);
    }

    private Facts facts(TrainerUser me, long household, Model model) {
        Facts facts = households.facts(me.practice(), household);
        model.addAttribute("facts", facts);
        return facts;
    }

    @GetMapping("/flags/{id}")
    String show(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, Model model) {
        RaisedGate gate = gate(me, id, model);
        String only = gate.flag().clearedBy().size() == 1 ? gate.flag().clearedBy().iterator().next().name() : "";
        model.addAttribute("form", new ClearForm(only, "", today(me, gate).toString(), ""));
        return "gate/clear";
    }

    @PostMapping("/flags/{id}/clear")
    String clear(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @ModelAttribute("form") ClearForm form, BindingResult result, Model model) {
        RaisedGate gate = gate(me, id, model);
        Check check = new Check(result);
        Profession by = check.choice("by", form.by(), Profession.class);
        if (!gate.flag().clearedBy().contains(by)) {
            check.refuse("by", Words.say("gate.GateController.must-be", GateWords.clearedBy(gate.flag())));
        }
        String name = check.text("name", form.name(), 120);
        LocalDate on = check.date("on", form.on());
        if (on == null || on.isBefore(gate.raisedOn()) || on.isAfter(today(me, gate))) {
            check.refuse("on", Words.say("gate.GateController.must-be-from-to-today", gate.raisedOn(), form.on()));
        }
        String note = check.optional("note", form.note(), TEXT);
        if (result.hasErrors() || on == null) {
            return "gate/clear";
        }
        gates.clear(me.practice(), id, new Clearance(by, name, on, note));
        return intake(gate.householdId());
    }

    @PostMapping("/flags/{id}/withdraw")
    String withdraw(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, RedirectAttributes flash) {
        RaisedGate gate = gates.get(me.practice(), id);
        gates.withdraw(me.practice(), id, now());
        flash.addFlashAttribute("withdrawn", id);
        return intake(gate.householdId());
    }

    @PostMapping("/flags/{id}/restore")
    String restore(@AuthenticationPrincipal TrainerUser me, @PathVariable long id) {
        gates.restore(me.practice(), id);
        return intake(gates.get(me.practice(), id).householdId());
    }

    private RaisedGate gate(TrainerUser me, long id, Model model) {
        RaisedGate gate = gates.get(me.practice(), id);
        model.addAttribute("gate", gate);
        facts(me, gate.householdId(), model);
        return gate;
    }

    private LocalDate today(TrainerUser me, RaisedGate gate) {
        return now().atZone(households.get(me.practice(), gate.householdId()).zone()).toLocalDate();
    }

    private static String intake(long household) {
        return "redirect:/households/" + household + "/intake#flags";
    }

    private Instant now() {
        return Instant.now(clock);
    }
}

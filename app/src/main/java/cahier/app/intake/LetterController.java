package cahier.app.intake;

import cahier.app.alarm.Alarms;
import cahier.app.gate.Gates;
import cahier.app.gate.RaisedGate;
import cahier.app.household.Dog;
import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.scope.TrainerUser;
import java.time.Clock;
import java.time.Instant;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The letter that refers a dog to a vet or a behaviourist: what was seen and what is known, no diagnosis. */
@Controller
class LetterController {

    private final Gates gates;
    private final Intakes intakes;
    private final Households households;
    private final Alarms alarms;
    private final Clock clock;

    LetterController(Gates gates, Intakes intakes, Households households, Alarms alarms, Clock clock) {
        this.alarms = alarms;
        this.gates = gates;
        this.intakes = intakes;
        this.households = households;
        this.clock = clock;
    }

    @GetMapping("/flags/{id}/letter")
    String letter(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, Model model) {
        RaisedGate gate = gates.get(me.practice(), id);
        Facts facts = households.facts(me.practice(), gate.householdId());
        Dog dog = facts.dog(gate.dogId());
        model.addAttribute("gate", gate);
        model.addAttribute("facts", facts);
        model.addAttribute("dog", dog);
        model.addAttribute("care", intakes.care(me.practice(), gate.householdId()).get(dog.id()));
        model.addAttribute("wishes", intakes.wishes(me.practice(), gate.householdId()).stream().filter(w -> gate.flag().shuts(w.topic())).toList());
        model.addAttribute("alarms", alarms.history(me.practice(), gate.householdId()).stream().filter(a -> a.dogId() == dog.id()).toList());
        model.addAttribute("today", Instant.now(clock).atZone(facts.household().zone()).toLocalDate());
        return "gate/letter";
    }
}

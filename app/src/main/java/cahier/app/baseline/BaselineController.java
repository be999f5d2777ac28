package cahier.app.baseline;

import cahier.app.draw.WatchLine;
import cahier.app.household.Dog;
import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.language.Words;
import cahier.app.scope.TrainerUser;
import cahier.app.web.Check;
import cahier.app.web.Measures;
import cahier.core.exposure.Trigger;
import cahier.core.rep.Outcome;
import java.time.Clock;
import java.time.Instant;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
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
import org.springframework.web.bind.annotation.RequestParam;

/** The baselines of a household's dogs: taken on the spot, one tap each, and what was found so far. */
@Controller
class BaselineController {

    /** The zones of docs/rules.md 15 that are tried on a first visit. */
    private static final List<String> ZONES = List.of("chest", "chin", "neck", "collar", "shoulder", "back", "hip", "tail", "ears", "muzzle", "front paws", "hind paws");

    private final Baselines baselines;
    private final Households households;
    private final Clock clock;

    BaselineController(Baselines baselines, Households households, Clock clock) {
        this.baselines = baselines;
        this.households = households;
        this.clock = clock;
    }

    record BaselineForm(@Nullable String dog, @Nullable String kind, @Nullable String about, @Nullable String distance, @Nullable String fromTrainer,
                        @Nullable String fromOwner) {
        static final BaselineForm EMPTY = new BaselineForm("", "", "", "", "", "");
    }

    @GetMapping("/households/{household}/baselines")
    String open(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, Model model) {
        model.addAttribute("form", BaselineForm.EMPTY);
        return page(me, household, model);
    }

    private String page(TrainerUser me, long household, Model model) {
        Facts facts = households.facts(me.practice(), household);
        List<Baseline> all = baselines.ofHousehold(me.practice(), household);
        Instant now = Instant.now(clock);
        model.addAttribute("facts", facts);
        model.addAttribute("today", now.atZone(facts.household().zone()).toLocalDate());
        model.addAttribute("taking", all.stream().filter(Baseline::isOpen).toList());
        model.addAttribute("taken", all.stream().filter(b -> !b.isOpen()).toList());
        model.addAttribute("names", facts.everyDog().collect(Collectors.toMap(Dog::id, Dog::name)));
        model.addAttribute("zones", ZONES);
        Map<Long, WatchLine.Watch> watches = new HashMap<>();
        all.stream().filter(b -> b.kind() == Kind.WATCH).forEach(b -> watches.put(b.id(), b.drawn(now)));
        model.addAttribute("lines", watches.entrySet().stream().collect(Collectors.toMap(Map.Entry::getKey, e -> WatchLine.of(e.getValue()))));
        model.addAttribute("gone", watches.entrySet().stream().collect(Collectors.toMap(Map.Entry::getKey, e -> Measures.duration(e.getValue().seconds()))));
        return "baseline/baselines";
    }

    @PostMapping("/households/{household}/baselines")
    String take(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @ModelAttribute("form") BaselineForm form, BindingResult result,
                @RequestParam Map<String, String> all, Model model) {
        households.get(me.practice(), household);
        Check check = new Check(result);
        Kind kind = check.choice("kind", form.kind(), Kind.class);
        long dog = households.dogs(me.practice(), household).stream().map(Dog::id).filter(id -> id.toString().equals(form.dog())).findFirst().orElse(0L);
        if (dog == 0) {
            check.refuse("dog", Words.say("baseline.BaselineController.must-be-one-of-the"));
        }
        String about = about(check, kind, form);
        Findings findings = findings(check, kind, form, all);
        if (result.hasErrors()) {
            return page(me, household, model);
        }
        if (kind == Kind.COLD_TEST || kind == Kind.WATCH) {
            baselines.begin(me, household, dog, kind, about, Instant.now(clock));
        } else {
            baselines.keep(me, household, dog, kind, about, findings, Instant.now(clock));
        }
        return back(household);
    }

    private static String about(Check check, Kind kind, BaselineForm form) {
        return switch (kind) {
            case COLD_TEST -> check.text("about", form.about(), 30);
            case LIES -> check.text("about", form.about(), 80);
            case DISTANCE -> check.choice("about", form.about(), Trigger.class).name();
            case WATCH, FOOD, ZONES -> check.optional("about", form.about(), 80);
        };
    }

    private static Findings findings(Check check, Kind kind, BaselineForm form, Map<String, String> all) {
        if (kind == Kind.DISTANCE) {
            OptionalDouble metres = check.measure("distance", form.distance(), Measures::metres);
            if (metres.isEmpty() || metres.getAsDouble() <= 0) {
                check.refuse("distance", Words.say("baseline.BaselineController.must-be-a-distance-above", form.distance()));
            }
            return new Findings(null, null, null, metres.orElse(1), null, null, null);
        }
        if (kind == Kind.FOOD) {
            boolean taken = "yes".equals(form.fromTrainer());
            if (!taken && (form.fromOwner() == null || form.fromOwner().isEmpty())) {
                check.refuse("fromOwner", Words.say("baseline.BaselineController.must-be-told-let-the"));
            }
            return new Findings(null, taken, taken ? null : "yes".equals(form.fromOwner()), null, null, null, null);
        }
        Map<String, Integer> zones = new LinkedHashMap<>();
        ZONES.forEach(z -> {
            String typed = all.getOrDefault("zone-" + z, "");
            if (typed.matches("[0-4]")) {
                zones.put(z, Integer.parseInt(typed));
            }
        });
        if (kind == Kind.ZONES && zones.isEmpty()) {
            check.refuse("kind", Words.say("baseline.BaselineController.must-have-at-least-one"));
        }
        return new Findings(null, null, null, null, kind == Kind.ZONES ? zones : null, null, null);
    }

    @PostMapping("/baselines/{id}/tries")
    String tried(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestParam Outcome outcome) {
        return back(baselines.tried(me.practice(), id, outcome, Instant.now(clock)).householdId());
    }

    @PostMapping("/baselines/{id}/untry")
    String untried(@AuthenticationPrincipal TrainerUser me, @PathVariable long id) {
        return back(baselines.untried(me.practice(), id).householdId());
    }

    @PostMapping("/baselines/{id}/signs")
    String toggled(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestParam Findings.Sign sign) {
        return back(baselines.toggled(me.practice(), id, sign, Instant.now(clock)).householdId());
    }

    @PostMapping("/baselines/{id}/close")
    String close(@AuthenticationPrincipal TrainerUser me, @PathVariable long id) {
        return back(baselines.close(me.practice(), id, Instant.now(clock)).householdId());
    }

    private static String back(long household) {
        return "redirect:/households/" + household + "/baselines";
    }
}

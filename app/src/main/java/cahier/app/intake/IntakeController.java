package cahier.app.intake;

import cahier.app.gate.Gates;
import cahier.app.household.Facts;
import cahier.app.household.HomeKind;
import cahier.app.household.Households;
import cahier.app.language.Words;
import cahier.app.method.MethodWords;
import cahier.app.scope.TrainerUser;
import cahier.app.web.Check;
import cahier.app.web.Measures;
import cahier.core.gate.Danger;
import cahier.core.gate.Mover;
import cahier.core.gate.Topic;
import cahier.core.method.Harm;
import java.time.Clock;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;
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
import org.springframework.web.bind.annotation.RequestParam;

/** The intake of a household: each piece is a form of its own and saved by itself. */
@Controller
@RequestMapping("/households/{household}/intake")
class IntakeController {

    private static final int LINE = 200;
    private static final int TEXT = 1000;

    private final Intakes intakes;
    private final Households households;
    private final Gates gates;
    private final Clock clock;

    IntakeController(Intakes intakes, Households households, Gates gates, Clock clock) {
        this.intakes = intakes;
        this.households = households;
        this.gates = gates;
        this.clock = clock;
    }

    record WishForm(@Nullable String words, @Nullable String topic, @Nullable String mover) {
        static final WishForm EMPTY = new WishForm("", Topic.EVERYDAY.name(), "");
    }

    record HomeForm(int version, @Nullable String homeKind, @Nullable String tried, @Nullable String askedFor, @Nullable String otherAnimals,
                    @Nullable String dailyMinutes, @Nullable String leads, @Nullable List<String> equipment) {

        static HomeForm of(Intake i) {
            return new HomeForm(i.version(), i.homeKind() == null ? "" : i.homeKind().name(), i.tried(), i.askedFor(), i.otherAnimals(),
                    i.dailyMinutes() == null ? "" : i.dailyMinutes().toString(), i.leads(), i.items().stream().map(Enum::name).toList());
        }

        Intake read(Check check, long household) {
            OptionalInt minutes = check.optionalWhole("dailyMinutes", dailyMinutes, 1, 600);
            HomeKind kind = homeKind == null || homeKind.isEmpty() ? null : check.choice("homeKind", homeKind, HomeKind.class);
            String items = Arrays.stream(Equipment.values()).map(Enum::name).filter(n -> equipment != null && equipment.contains(n)).collect(Collectors.joining(","));
            return new Intake(household, kind, check.optional("tried", tried, TEXT), check.optional("askedFor", askedFor, TEXT),
                    check.optional("otherAnimals", otherAnimals, LINE), minutes.isPresent() ? minutes.getAsInt() : null, lengths(check), items, version);
        }

        private String lengths(Check check) {
            String typed = check.optional("leads", leads, LINE);
            for (String part : typed.split("[,;]")) {
                if (!part.isBlank()) {
                    check.measure("leads", part, Measures::metres);
                }
            }
            return typed;
        }
    }

    record CareForm(long dog, int version, @Nullable String neutered, @Nullable String health, @Nullable String food, @Nullable String kcal,
                    @Nullable String motivators, @Nullable String recallReward, @Nullable String fears, @Nullable String history) {

        static CareForm of(DogCare c) {
            return new CareForm(c.dogId(), c.version(), c.neutered() == null ? "" : c.neutered() ? "yes" : "no", c.health(), c.food(),
                    c.kcal100g() == null ? "" : c.kcal100g().toString(), c.motivators(), c.recallReward(), c.fears(), c.history());
        }

        DogCare read(Check check) {
            OptionalInt perHundred = check.optionalWhole("kcal", kcal, 20, 900);
            DogCare care = new DogCare(dog, neutered == null || neutered.isEmpty() ? null : neutered.equals("yes"), check.optional("health", health, TEXT),
                    check.optional("food", food, LINE), perHundred.isPresent() ? perHundred.getAsInt() : null, check.optional("motivators", motivators, TEXT),
                    check.optional("recallReward", recallReward, LINE), check.optional("fears", fears, TEXT), check.optional("history", history, TEXT), version);
            if (!care.recallReward().isEmpty() && !care.ranked().isEmpty() && !care.ranked().contains(care.recallReward())) {
                check.refuse("recallReward", Words.say("intake.IntakeController.must-be-one-of-the", care.recallReward()));
            }
            return care;
        }
    }

    @GetMapping
    String open(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, Model model) {
        return page(me, household, model);
    }

    private String page(TrainerUser me, long household, Model model) {
        Facts facts = households.facts(me.practice(), household);
        Intake intake = intakes.get(me.practice(), household);
        model.addAttribute("facts", facts);
        model.addAttribute("wishes", intakes.wishes(me.practice(), household));
        model.addAttribute("dangers", intakes.dangers(me.practice(), household));
        model.addAttribute("gates", gates.ofHousehold(me.practice(), household));
        model.addAttribute("today", Instant.now(clock).atZone(facts.household().zone()).toLocalDate());
        Harm.in(intake.askedFor()).ifPresent(h -> model.addAttribute("notOffered", MethodWords.refusal(h, h.wordIn(intake.askedFor()).orElse(""))));
        putIfAbsent(model, "wish", WishForm.EMPTY);
        putIfAbsent(model, "home", HomeForm.of(intake));
        intakes.care(me.practice(), household).values().forEach(c -> putIfAbsent(model, "care" + c.dogId(), CareForm.of(c)));
        return "intake/intake";
    }

    /** A form that was refused is in the model already, with what was typed. */
    private static void putIfAbsent(Model model, String name, Object form) {
        if (!model.containsAttribute(name)) {
            model.addAttribute(name, form);
        }
    }

    @PostMapping("/wishes")
    String wish(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @ModelAttribute("wish") WishForm form, BindingResult result,
                Model model) {
        Check check = new Check(result);
        Wish wish = new Wish(0, 0, check.text("words", form.words(), TEXT), check.choice("topic", form.topic(), Topic.class),
                form.mover() == null || form.mover().isEmpty() ? null : check.choice("mover", form.mover(), Mover.class));
        if (result.hasErrors()) {
            return page(me, household, model);
        }
        intakes.addWish(me.practice(), household, wish);
        return back(household, "wishes");
    }

    @PostMapping("/wishes/{id}/raise")
    String raise(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @PathVariable long id) {
        intakes.raiseWish(me.practice(), household, id);
        return back(household, "wishes");
    }

    @PostMapping("/wishes/{id}/remove")
    String remove(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @PathVariable long id) {
        intakes.removeWish(me.practice(), household, id);
        return back(household, "wishes");
    }

    @PostMapping("/home")
    String home(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @ModelAttribute("home") HomeForm form, BindingResult result,
                Model model) {
        households.get(me.practice(), household);
        Intake edited = form.read(new Check(result), household);
        if (result.hasErrors()) {
            return page(me, household, model);
        }
        intakes.save(me.practice(), edited);
        return back(household, "home");
    }

    @PostMapping("/dogs/{dog}")
    String care(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @PathVariable long dog, @ModelAttribute("care") CareForm form,
                BindingResult result, Model model) {
        DogCare edited = form.read(new Check(result));
        if (result.hasErrors()) {
            model.addAttribute("care" + dog, form);
            model.addAttribute(BindingResult.MODEL_KEY_PREFIX + "care" + dog, result);
            return page(me, household, model);
        }
        intakes.save(me.practice(), household, edited);
        return back(household, "dog-" + dog);
    }

    @PostMapping("/dangers/{danger}")
    String danger(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @PathVariable Danger danger, @RequestParam String state) {
        switch (state) {
            case "done" -> intakes.seeTo(me, household, danger, false, Instant.now(clock));
            case "sheet" -> intakes.seeTo(me, household, danger, true, Instant.now(clock));
            default -> intakes.unsee(me.practice(), household, danger);
        }
        return back(household, "dangers");
    }

    private static String back(long household, String section) {
        return "redirect:/households/" + household + "/intake#" + section;
    }
}

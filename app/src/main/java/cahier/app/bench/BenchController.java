package cahier.app.bench;

import cahier.app.food.FoodLines;
import cahier.app.household.Dog;
import cahier.app.household.Facts;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.scope.TrainerUser;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.RequestParam;

/** The set-up bench. A set-up is all in its address, which can be kept. */
@Controller
class BenchController {

    private final Households households;
    private final Tracks tracks;
    private final FoodLines food;
    private final Clock clock;

    BenchController(Households households, Tracks tracks, FoodLines food, Clock clock) {
        this.households = households;
        this.tracks = tracks;
        this.food = food;
        this.clock = clock;
    }

    @GetMapping("/bench")
    String bench() {
        return "redirect:/bench/sight-line";
    }

    @GetMapping("/bench/sight-line")
    String sight(@AuthenticationPrincipal TrainerUser me, @ModelAttribute("form") SightForm typed, @RequestParam Optional<Long> household, @RequestParam(defaultValue = "") String more,
                 @RequestParam Optional<Integer> drop, @RequestParam Optional<Double> move, @RequestParam Optional<Integer> pay, Model model) {
        SightForm form = typed.path() == null ? SightForm.USUAL : typed;
        form = more.isEmpty() ? form : form.withOneMore();
        form = drop.isPresent() ? form.without(drop.get()) : form;
        form = move.isPresent() ? form.moved(move.get()) : form;
        form = pay.isPresent() ? form.paying(pay.get()) : form;
        BenchCheck check = new BenchCheck();
        model.addAttribute("result", form.read(check).orElse(null));
        model.addAttribute("speeds", Speed.values());
        page(me, household, Setup.Kind.SIGHT, form, form.address(), check, model);
        return "bench/sight-line";
    }

    @GetMapping("/bench/triangle")
    String triangle(@AuthenticationPrincipal TrainerUser me, @ModelAttribute("form") RecallForm typed, @RequestParam Optional<Long> household, Model model) {
        RecallForm form = typed.caller() == null ? RecallForm.USUAL : typed;
        BenchCheck check = new BenchCheck();
        model.addAttribute("result", form.read(check).orElse(null));
        model.addAttribute("tracks", household.map(h -> tracks.ofHousehold(me.practice(), households.get(me.practice(), h).id())).orElse(List.of()).stream().filter(m -> !m.track().isDone()).map(TrackSteps::track).toList());
        page(me, household, Setup.Kind.TRIANGLE, form, form.address(), check, model);
        return "bench/triangle";
    }

    /** What to take along; with a household also what that means for each dog's food. */
    @GetMapping("/bench/provisions")
    String provisions(@AuthenticationPrincipal TrainerUser me, @ModelAttribute("form") ProvisionsForm typed, @RequestParam Optional<Long> household, Model model) {
        ProvisionsForm form = typed.minutes() == null ? ProvisionsForm.USUAL : typed;
        BenchCheck check = new BenchCheck();
        Optional<ProvisionsForm.Result> result = form.read(check);
        model.addAttribute("result", result.orElse(null));
        page(me, household, Setup.Kind.SIGHT, form, "", check, model);
        if (result.isPresent() && household.isPresent()) {
            Facts facts = households.facts(me.practice(), household.get());
            Map<String, Integer> pieces = facts.dogs().stream().collect(Collectors.toMap(Dog::name, d -> result.get().provisions().pieces()));
            model.addAttribute("food", food.of(me.practice(), facts, pieces, LocalDate.now(clock.withZone(facts.household().zone()))));
        }
        return "bench/provisions";
    }

    private void page(TrainerUser me, Optional<Long> household, Setup.Kind kind, Object form, String address, BenchCheck check, Model model) {
        List<Household> all = households.toChoose(me, household.orElse(null), Instant.now(clock));
        model.addAttribute("typed", form);
        model.addAttribute("address", address);
        model.addAttribute("kind", kind);
        model.addAttribute("refusals", check.refusals());
        model.addAttribute("households", all);
        model.addAttribute("others", all.size() >= Households.TO_CHOOSE);
        model.addAttribute("facts", household.map(h -> households.facts(me.practice(), h)).orElse(null));
    }
}

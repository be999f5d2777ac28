package cahier.app.book;

import cahier.app.account.TrainerUser;
import cahier.app.household.Households;
import cahier.app.judge.Judgements;
import cahier.app.track.ClimbPlan;
import cahier.app.track.Growth;
import cahier.app.track.Roadmap;
import cahier.app.track.Step;
import cahier.app.track.StepPlan;
import cahier.app.track.Tracks;
import cahier.app.web.Check;
import cahier.app.web.Measures;
import cahier.app.web.NotFound;
import cahier.core.climb.Climb;
import cahier.core.climb.Unit;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
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

/** Makes a run of steps from one step: its criteria climb, the steps are seen before they are kept. */
@Controller
class ClimbController {

    private final Tracks tracks;
    private final Households households;
    private final Judgements judgements;
    private final Clock clock;

    ClimbController(Tracks tracks, Households households, Judgements judgements, Clock clock) {
        this.tracks = tracks;
        this.households = households;
        this.judgements = judgements;
        this.clock = clock;
    }

    /**
     * What climbs, as it is typed.
     *
     * @param base id of the step whose other fields the new ones take
     * @param first which criterion is raised first
     */
    record ClimbForm(@Nullable String base, @Nullable String first, @Nullable String durationFrom, @Nullable String durationTo, @Nullable String durationGrowth,
                     @Nullable String distanceFrom, @Nullable String distanceTo, @Nullable String distanceGrowth, @Nullable String distractions,
                     @Nullable String places, @Nullable String supports) {

        static ClimbForm of(Step base) {
            String duration = base.plan().durationS() == null ? "" : Measures.plain(base.plan().durationS(), 1) + " s";
            String distance = base.plan().distanceM() == null ? "" : Measures.plain(base.plan().distanceM(), 2) + " m";
            return new ClimbForm(Long.toString(base.id()), "duration", duration, "", "1.5 times", distance, "", "by 1 m", "", "", "");
        }

        /** The criteria that climb, the first to be raised first; refusals stand beside their fields. */
        List<ClimbPlan.Criterion<?>> read(Check check) {
            Map<String, ClimbPlan.Criterion<?>> criteria = new LinkedHashMap<>();
            numbers(check, "duration", Unit.SECONDS, Measures::seconds, durationFrom, durationTo, durationGrowth).ifPresent(v -> criteria.put("duration", ClimbPlan.duration(v)));
            numbers(check, "distance", Unit.METRES, Measures::metres, distanceFrom, distanceTo, distanceGrowth).ifPresent(v -> criteria.put("distance", ClimbPlan.distance(v)));
            words(check, "distractions", distractions).ifPresent(v -> criteria.put("distractions", ClimbPlan.distraction(v)));
            words(check, "places", places).ifPresent(v -> criteria.put("places", ClimbPlan.place(v)));
            words(check, "supports", supports).ifPresent(v -> criteria.put("supports", ClimbPlan.support(v)));
            return criteria.entrySet().stream().sorted(Comparator.comparing(e -> !e.getKey().equals(first))).<ClimbPlan.Criterion<?>>map(Map.Entry::getValue).toList();
        }

        private static Optional<List<Double>> numbers(Check check, String name, Unit unit, Function<String, Double> measure, @Nullable String from,
                                                                @Nullable String to, @Nullable String growth) {
            OptionalDouble start = check.measure(name + "From", from, measure);
            OptionalDouble goal = check.measure(name + "To", to, measure);
            if (start.isEmpty() || goal.isEmpty()) {
                if (goal.isPresent()) {
                    check.refuse(name + "From", "must be given when there is a goal");
                }
                return Optional.empty();
            }
            try {
                return Optional.of(Growth.read(growth == null ? "" : growth, measure::apply).climb(unit, start.getAsDouble(), goal.getAsDouble()));
            } catch (IllegalArgumentException e) {
                check.refuse(name + "Growth", String.valueOf(e.getMessage()));
                return Optional.empty();
            }
        }

        private static Optional<List<String>> words(Check check, String name, @Nullable String typed) {
            List<String> lines = (typed == null ? "" : typed).lines().map(String::strip).filter(s -> !s.isEmpty()).toList();
            if (lines.isEmpty()) {
                return Optional.empty();
            }
            try {
                return Optional.of(Climb.list(lines));
            } catch (IllegalArgumentException e) {
                check.refuse(name, String.valueOf(e.getMessage()));
                return Optional.empty();
            }
        }
    }

    @GetMapping("/tracks/{track}/climb")
    String blank(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, Model model) {
        Roadmap roadmap = page(me, track, model);
        if (roadmap.steps().isEmpty()) {
            return "redirect:/tracks/" + track + "/steps/new";
        }
        model.addAttribute("form", ClimbForm.of(roadmap.steps().get(roadmap.steps().size() - 1)));
        return "book/climb";
    }

    /** Shows the steps; keeps them at the end of the track when asked to. */
    @PostMapping("/tracks/{track}/climb")
    String make(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, @ModelAttribute("form") ClimbForm form, BindingResult result,
                @RequestParam(defaultValue = "") String keep, Model model) {
        Roadmap roadmap = page(me, track, model);
        Step base = roadmap.steps().stream().filter(s -> Long.toString(s.id()).equals(form.base())).findFirst().orElseThrow(() -> new NotFound("step " + form.base()));
        Check check = new Check(result);
        List<StepPlan> steps = steps(check, base.plan(), form.read(check), result);
        if (result.hasErrors()) {
            return "book/climb";
        }
        if (keep.isEmpty()) {
            model.addAttribute("steps", steps);
            model.addAttribute("effort", EffortWords.Sum.of(base.plan(), roadmap.track().kind(), steps.size()));
            return "book/climb";
        }
        // The first made step is the base itself with its start values: it is not added a second time.
        List<StepPlan> fresh = new ArrayList<>(steps);
        fresh.removeIf(p -> p.withTitle("").equals(base.plan().withTitle("")));
        fresh.forEach(p -> tracks.addStep(me.practice(), track, p, Integer.MAX_VALUE, Instant.now(clock)));
        judgements.judge(me.practice(), track, Instant.now(clock));
        return "redirect:/tracks/" + track;
    }

    private static List<StepPlan> steps(Check check, StepPlan base, List<ClimbPlan.Criterion<?>> criteria, BindingResult result) {
        if (criteria.isEmpty() && !result.hasErrors()) {
            check.refuse("base", "must have at least one criterion that climbs: give a start and a goal, or two lines of a list");
        }
        try {
            return result.hasErrors() ? List.of() : ClimbPlan.steps(base, criteria);
        } catch (IllegalArgumentException e) {
            check.refuse("base", String.valueOf(e.getMessage()));
            return List.of();
        }
    }

    private Roadmap page(TrainerUser me, long track, Model model) {
        Roadmap roadmap = tracks.get(me.practice(), track);
        model.addAttribute("roadmap", roadmap);
        model.addAttribute("household", households.get(me.practice(), roadmap.track().householdId()));
        return roadmap;
    }

    /** What a pass rule will take, asked for while it is typed. */
    @GetMapping("/effort")
    String effort(@RequestParam(defaultValue = "") String run, Model model) {
        model.addAttribute("says", EffortWords.of(run));
        return "book/effort";
    }
}

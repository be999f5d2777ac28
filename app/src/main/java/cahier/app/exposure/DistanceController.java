package cahier.app.exposure;

import cahier.app.bench.Setups;
import cahier.app.household.Dog;
import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.language.Words;
import cahier.app.measure.Measured;
import cahier.app.outing.Outings;
import cahier.app.scope.TrainerUser;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.app.web.Measures;
import cahier.core.decide.TrackKind;
import cahier.core.exposure.NextDistance;
import cahier.core.exposure.Response;
import cahier.core.exposure.Trigger;
import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** How near each dog of a household can work to what it minds, where it was watched from, and what is kept for going out. */
@Controller
class DistanceController {

    private static final int LONGEST_NAME = 60;
    private static final double LEAST_STEP = 0.1;
    private static final double MOST_STEP = 100;
    private static final int LONGEST_CALM_S = 3600;

    private final Exposures exposures;
    private final Outings outings;
    private final Setups setups;
    private final Tracks tracks;
    private final Households households;
    private final Measured measured;
    private final Clock clock;

    DistanceController(Exposures exposures, Outings outings, Setups setups, Tracks tracks, Households households, Clock clock, Measured measured) {
        this.measured = measured;
        this.exposures = exposures;
        this.outings = outings;
        this.setups = setups;
        this.tracks = tracks;
        this.households = households;
        this.clock = clock;
    }

    @GetMapping("/households/{id}/distances")
    String show(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, Model model) {
        Instant now = Instant.now(clock);
        model.addAttribute("measured", measured.of(me.practice(), id));
        model.addAttribute("facts", households.facts(me.practice(), id));
        model.addAttribute("readings", exposures.of(me.practice(), id, now));
        model.addAttribute("turning", ReadingWords.turning(exposures.usual(me.practice())));
        model.addAttribute("hows", WorkAt.How.values());
        model.addAttribute("landmarks", exposures.landmarks(me.practice(), id));
        model.addAttribute("sittings", outings.sittings(me.practice(), id));
        model.addAttribute("walks", outings.walks(me.practice(), id).stream().filter(w -> !w.latest().isEmpty()).toList());
        model.addAttribute("setups", setups.at(me.practice(), id, now));
        model.addAttribute("comfort", tracks.ofHousehold(me.practice(), id).stream().filter(m -> m.track().kind() == TrackKind.COMFORT && !m.track().isDone() && !m.steps().isEmpty()).map(TrackSteps::track).toList());
        return "exposure/distances";
    }

    /** What the trainer accepts or sets by hand, "18 m" or "60 ft", with a step of their own and a goal where they want one. */
    @PostMapping("/households/{id}/distances")
    String set(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestParam long dog, @RequestParam Trigger kind, @RequestParam(defaultValue = "0") int loudness,
               @RequestParam(defaultValue = "") String metres, @RequestParam(defaultValue = "") String step, @RequestParam(defaultValue = "") String goal, @RequestParam Optional<WorkAt.How> closer, RedirectAttributes flash) {
        return refusing(me, id, flash, () -> {
            WorkAt at = new WorkAt(Far.read(metres).metres(), within(Words.say("exposure.DistanceController.step-closer"), step, LEAST_STEP, MOST_STEP), within("goal", goal, NextDistance.NEAREST, Far.FURTHEST_M), closer);
            exposures.set(me.practice(), id, dog, threat(kind, loudness), at, me.signature(), Instant.now(clock));
        });
    }

    /** What the trainer saw, in the lesson or afterwards. */
    @PostMapping("/households/{id}/exposures")
    String saw(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestParam long dog, @RequestParam Trigger kind, @RequestParam(defaultValue = "0") int loudness,
               @RequestParam(defaultValue = "") String far, @RequestParam Optional<Response> response, @RequestParam(defaultValue = "") String food, @RequestParam(defaultValue = "") String calm, RedirectAttributes flash) {
        Facts facts = households.facts(me.practice(), id);
        Dog known = facts.dog(dog);
        return refusing(me, id, flash, () -> {
            if (response.isEmpty()) {
                throw new IllegalArgumentException(Words.say("exposure.DistanceController.must-come-with-what-the"));
            }
            Far.Given given = Far.read(far);
            Threat threat = threat(kind, loudness);
            Instant now = Instant.now(clock);
            exposures.keep(me.practice(), new Met(UUID.randomUUID(), id, known.id(), kind, given.metres(), given.given(), response.get(), food.matches("TAKEN|REFUSED|LATE") ? food : "", seconds(calm), null, now,
                    threat.loudness(), me.signature()), null, now);
        });
    }

    /** Taken back by the trainer; the household sees it gone too. */
    @PostMapping("/households/{id}/exposures/{met}/undo")
    String undo(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @PathVariable UUID met) {
        exposures.undo(me.practice(), id, met, me.id(), Instant.now(clock));
        return "redirect:/households/" + id + "/distances";
    }

    @PostMapping("/households/{id}/landmarks")
    String landmark(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestParam(defaultValue = "") String name, @RequestParam(defaultValue = "") String metres, RedirectAttributes flash) {
        return refusing(me, id, flash, () -> {
            String clean = name.strip();
            if (clean.isEmpty() || clean.length() > LONGEST_NAME) {
                throw new IllegalArgumentException(Words.say("exposure.DistanceController.must-have-a-name-of", LONGEST_NAME, name));
            }
            exposures.put(me.practice(), id, clean, Far.read(metres).metres());
        });
    }

    @PostMapping("/households/{id}/landmarks/{landmark}/remove")
    String removeLandmark(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @PathVariable long landmark) {
        exposures.removeLandmark(me.practice(), id, landmark);
        return "redirect:/households/" + id + "/distances";
    }

    private String refusing(TrainerUser me, long household, RedirectAttributes flash, Runnable change) {
        households.get(me.practice(), household);
        try {
            change.run();
        } catch (IllegalArgumentException e) {
            flash.addFlashAttribute("refusal", "The distance " + e.getMessage() + ". Nothing was changed.");
        }
        return "redirect:/households/" + household + "/distances";
    }

    /** A form with one list of loudnesses for all triggers: it counts for a noise only. */
    private static Threat threat(Trigger kind, int loudness) {
        return new Threat(kind, kind == Trigger.NOISE ? loudness : 0);
    }

    private static OptionalDouble within(String what, String typed, double least, double most) {
        if (typed.isBlank()) {
            return OptionalDouble.empty();
        }
        double metres = Far.read(typed).metres();
        if (metres < least || metres > most) {
            throw new IllegalArgumentException(Words.say("exposure.DistanceController.must-have-a-from-to", what, Measures.plain(least, 1), Measures.plain(most, 0), typed));
        }
        return OptionalDouble.of(metres);
    }

    private static @Nullable Integer seconds(String typed) {
        if (typed.isBlank()) {
            return null;
        }
        double seconds = Measures.seconds(typed);
        if (seconds > LONGEST_CALM_S) {
            throw new IllegalArgumentException(Words.say("exposure.DistanceController.must-come-with-at-most", typed));
        }
        return (int) Math.round(seconds);
    }
}

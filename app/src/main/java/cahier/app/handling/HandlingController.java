package cahier.app.handling;

import cahier.app.draw.DogMap;
import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.language.Words;
import cahier.app.measure.Measured;
import cahier.app.scope.TrainerUser;
import cahier.app.web.Dates;
import cahier.app.web.Measures;
import cahier.app.web.NotFound;
import cahier.core.handling.HandSeen;
import cahier.core.handling.Zone;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The map of a dog's zones; chosen by pointer or keyboard, rated, touched, and compared with a past day. */
@Controller
class HandlingController {

    /** Touches noted within so long of each other are one session. */
    private static final Duration ONE_SESSION = Duration.ofMinutes(30);

    private final Handling handling;
    private final Households households;
    private final Measured measured;
    private final Clock clock;

    HandlingController(Handling handling, Households households, Clock clock, Measured measured) {
        this.measured = measured;
        this.handling = handling;
        this.households = households;
        this.clock = clock;
    }

    @GetMapping("/households/{household}/handling")
    String show(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam Optional<Long> dog, @RequestParam(defaultValue = "") String target, @RequestParam(defaultValue = "") String zone,
                @RequestParam(defaultValue = "") String on, Model model) {
        Facts facts = households.facts(me.practice(), household);
        model.addAttribute("measured", measured.of(me.practice(), household));
        model.addAttribute("facts", facts);
        if (facts.dogs().isEmpty()) {
            return "handling/handling";
        }
        Instant now = Instant.now(clock);
        long which = dog.orElse(facts.dogs().get(0).id());
        HandlingMap map = handling.of(me.practice(), household, which, zone(target).orElseGet(() -> handling.target(me.practice(), household, which)), now);
        model.addAttribute("kept", handling.target(me.practice(), household, which));
        model.addAttribute("map", map);
        model.addAttribute("zones", Arrays.asList(Zone.values()));
        model.addAttribute("left", DogMap.side(true, map.comfort()));
        model.addAttribute("right", DogMap.side(false, map.comfort()));
        model.addAttribute("chosen", zone(zone).or(map::next).orElse(map.target()));
        model.addAttribute("on", on);
        Dates.parsed(on).ifPresent(day -> {
            HandlingMap past = handling.of(me.practice(), household, which, map.target(), end(day, facts.household().zone()));
            model.addAttribute("then", DogMap.side(true, past.comfort()));
            model.addAttribute("thenRight", DogMap.side(false, past.comfort()));
            model.addAttribute("past", past);
            model.addAttribute("onDay", day);
        });
        return "handling/handling";
    }

    private static Optional<Zone> zone(String words) {
        return Arrays.stream(Zone.values()).filter(z -> z.words().equals(words)).findFirst();
    }

    private static Zone chosen(String words) {
        return zone(words).orElseThrow(() -> new NotFound("zone " + words));
    }

    private static Instant end(LocalDate day, ZoneId zone) {
        return day.plusDays(1).atStartOfDay(zone).toInstant();
    }

    /** From now on the household's page leads there too. */
    @PostMapping("/households/{household}/handling/target")
    String aim(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam long dog, @RequestParam String target, RedirectAttributes flash) {
        households.get(me.practice(), household);
        handling.aim(me.practice(), household, dog, chosen(target), Instant.now(clock));
        return back(household, dog, target, "", flash);
    }

    @PostMapping("/households/{household}/handling/comfort")
    String rate(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam long dog, @RequestParam String target, @RequestParam String zone, @RequestParam(defaultValue = "-1") int comfort,
                RedirectAttributes flash) {
        households.get(me.practice(), household);
        try {
            handling.rate(me.practice(), household, dog, chosen(zone), comfort, me.signature(), Instant.now(clock));
        } catch (IllegalArgumentException e) {
            flash.addFlashAttribute("refusal", "The " + e.getMessage() + ". Nothing was changed.");
        }
        return back(household, dog, target, zone, flash);
    }

    @PostMapping("/households/{household}/handling/touches")
    String touch(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam long dog, @RequestParam String target, @RequestParam String zone, @RequestParam(defaultValue = "") String seconds,
                 @RequestParam HandSeen seen, @RequestParam(defaultValue = "") String back, RedirectAttributes flash) {
        households.get(me.practice(), household);
        Instant now = Instant.now(clock);
        try {
            double lasted = Measures.seconds(seconds);
            if (lasted > Touch.MOST_S) {
                throw new IllegalArgumentException(Words.say("handling.HandlingController.must-be-at-most-10", seconds));
            }
            HandlingMap map = handling.of(me.practice(), household, dog, chosen(zone), now);
            UUID sitting = map.touches().stream().findFirst().filter(t -> Duration.between(t.happenedAt(), now).compareTo(ONE_SESSION) < 0).map(Touch::sittingId).orElseGet(UUID::randomUUID);
            Boolean cameBack = back.isEmpty() ? null : Boolean.valueOf("yes".equals(back));
            handling.keep(me.practice(), new Touch(UUID.randomUUID(), household, dog, sitting, chosen(zone), (int) Math.round(lasted), seen, cameBack, now, me.signature()), now);
        } catch (IllegalArgumentException e) {
            flash.addFlashAttribute("refusal", "How long " + e.getMessage() + ". Nothing was kept.");
        }
        return back(household, dog, target, zone, flash);
    }

    @PostMapping("/households/{household}/handling/touches/{id}/undo")
    String undo(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @PathVariable UUID id, @RequestParam long dog, @RequestParam String target, @RequestParam String zone, RedirectAttributes flash) {
        handling.undo(me.practice(), household, id, me.id(), Instant.now(clock));
        return back(household, dog, target, zone, flash);
    }

    private static String back(long household, long dog, String target, String zone, RedirectAttributes to) {
        to.addAttribute("dog", dog);
        to.addAttribute("target", target);
        to.addAttribute("zone", zone);
        return "redirect:/households/" + household + "/handling";
    }
}

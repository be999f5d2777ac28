package cahier.app.book;

import cahier.app.food.FoodLines;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.household.LifeChange;
import cahier.app.intake.Intakes;
import cahier.app.language.Words;
import cahier.app.roadmap.GoesRound;
import cahier.app.roadmap.RoadmapTrack;
import cahier.app.roadmap.Roadmaps;
import cahier.app.roadmap.SchoolChange;
import cahier.app.roadmap.Starts;
import cahier.app.scope.AskedTogether;
import cahier.app.scope.TrainerUser;
import cahier.app.sheet.Homeworks;
import cahier.app.track.Track;
import cahier.app.track.Tracks;
import cahier.core.roadmap.NextSheet;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The roadmap of a household: every track of every dog, what waits for what, what rests, and what goes on the next sheet. */
@Controller
class RoadmapController {

    private static final int LINE = 80;

    private final Roadmaps roadmaps;
    private final Starts starts;
    private final SchoolChange schools;
    private final Homeworks homeworks;
    private final Households households;
    private final Intakes intakes;
    private final Tracks tracks;
    private final FoodLines food;
    private final AskedTogether together;
    private final Clock clock;

    RoadmapController(Roadmaps roadmaps, Starts starts, SchoolChange schools, Homeworks homeworks, Households households, Intakes intakes, Tracks tracks, FoodLines food, AskedTogether together, Clock clock) {
        this.together = together;
        this.roadmaps = roadmaps;
        this.starts = starts;
        this.schools = schools;
        this.homeworks = homeworks;
        this.households = households;
        this.intakes = intakes;
        this.tracks = tracks;
        this.food = food;
        this.clock = clock;
    }

    @GetMapping("/households/{household}/roadmap")
    String show(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, Model model) {
        Household home = households.facts(me.practice(), household).household();
        Instant now = Instant.now(clock);
        together.ask(() -> roadmaps.of(me.practice(), household, now), () -> homeworks.latest(me.practice(), household), () -> intakes.get(me.practice(), household),
                () -> intakes.care(me.practice(), household), () -> roadmaps.parkedItems(me.practice(), household), () -> schools.pending(me.practice(), household), () -> tracks.takenOff(me.practice(), household));
        List<RoadmapTrack> ways = roadmaps.of(me.practice(), household, now);
        List<RoadmapTrack> next = homeworks.next(me.practice(), ways);
        model.addAttribute("view", new RoadmapView(home, RoadmapView.byDog(households.facts(me.practice(), household).dogs(), ways), next,
                Load.of(next, ways, intakes.get(me.practice(), household).dailyMinutes(), pieces -> food.of(me.practice(), households.facts(me.practice(), household), pieces, today(home))), starts.missing(me.practice(), ways),
                roadmaps.parkedItems(me.practice(), household), schools.pending(me.practice(), household).size(), today(home)));
        model.addAttribute("changes", households.changes(me.practice(), household));
        model.addAttribute("takenOff", tracks.takenOff(me.practice(), household));
        return "book/roadmap";
    }

    /** Looks at the ticked tracks before they go out. More than three only with {@code more}. */
    @PostMapping("/households/{household}/roadmap/issue")
    String issue(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam(defaultValue = "") Set<Long> track,
                 @RequestParam Optional<String> more, RedirectAttributes flash) {
        if (track.size() > NextSheet.MOST_TRACKS && more.isEmpty()) {
            flash.addFlashAttribute("refusal", Words.say("book.RoadmapController.you-ticked-tracks-three-at", track.size()));
            flash.addFlashAttribute("ticked", track);
            return roadmap(household);
        }
        if (homeworks.draft(me.practice(), household, track, Instant.now(clock)).items().isEmpty()) {
            flash.addFlashAttribute("refusal", Words.say("book.RoadmapController.nothing-was-issued-tick-at"));
            return roadmap(household);
        }
        return "redirect:/households/" + household + "/homework" + track.stream().map(t -> "track=" + t).collect(Collectors.joining("&", "?", ""));
    }

    @PostMapping("/tracks/{track}/order")
    String order(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, @RequestParam int by) {
        tracks.moveTrack(me.practice(), track, by);
        return roadmap(of(me, track).householdId());
    }

    /** Rests a track until a day, two weeks from today when none is given; {@code back} ends the rest. */
    @PostMapping("/tracks/{track}/park")
    String park(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, @RequestParam(defaultValue = "") String until, @RequestParam Optional<String> back,
                RedirectAttributes flash) {
        Track parked = of(me, track);
        LocalDate today = today(households.get(me.practice(), parked.householdId()));
        Optional<LocalDate> day = day(until, today, flash);
        if (back.isPresent() || day.isPresent()) {
            tracks.park(me.practice(), track, back.isPresent() ? null : day.get());
        }
        return roadmap(parked.householdId());
    }

    @PostMapping("/households/{household}/parked")
    String parkItem(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam(defaultValue = "") String item,
                    @RequestParam(defaultValue = "") String until, RedirectAttributes flash) {
        LocalDate today = today(households.get(me.practice(), household));
        String name = item.strip();
        if (name.isEmpty() || name.length() > LINE) {
            flash.addFlashAttribute("refusal", Words.say("book.RoadmapController.what-is-parked-must-have", LINE, name.length()));
            return roadmap(household);
        }
        day(until, today, flash).ifPresent(d -> roadmaps.parkItem(me.practice(), household, name, d, today));
        return roadmap(household);
    }

    @PostMapping("/households/{household}/parked/{id}/return")
    String returnItem(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @PathVariable long id) {
        roadmaps.returnItem(me.practice(), household, id);
        return roadmap(household);
    }

    /** The season or the home changed: what was reached is asked for once more. */
    @PostMapping("/households/{household}/changes")
    String change(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam LifeChange.What what, @RequestParam(defaultValue = "") String day, RedirectAttributes flash) {
        LocalDate today = today(households.get(me.practice(), household));
        try {
            LocalDate since = day.isBlank() ? today : LocalDate.parse(day.strip());
            if (since.isAfter(today) || since.isBefore(today.minusYears(1))) {
                throw new DateTimeException(Words.say("book.RoadmapController.out-of-reach"));
            }
            households.change(me.practice(), household, since, what, me.signature(), Instant.now(clock));
        } catch (DateTimeException e) {
            flash.addFlashAttribute("refusal", Words.say("book.RoadmapController.the-day-must-be-within", today, day));
        }
        return roadmap(household) + "#changes";
    }

    @PostMapping("/households/{household}/changes/{id}/remove")
    String forgetChange(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @PathVariable long id) {
        households.forgetChange(me.practice(), household, id);
        return roadmap(household) + "#changes";
    }

    private static Optional<LocalDate> day(String typed, LocalDate today, RedirectAttributes flash) {
        if (typed.isBlank()) {
            return Optional.of(Roadmaps.usualReturn(today));
        }
        try {
            LocalDate day = LocalDate.parse(typed.strip());
            if (day.isAfter(today)) {
                return Optional.of(day);
            }
        } catch (DateTimeParseException e) {
            // said below
        }
        flash.addFlashAttribute("refusal", Words.say("book.RoadmapController.the-return-date-must-be", Roadmaps.usualReturn(today), typed));
        return Optional.empty();
    }

    @PostMapping("/tracks/{track}/needs")
    String addNeed(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, @RequestParam long step, @RequestParam long first, RedirectAttributes flash) {
        try {
            roadmaps.addNeed(me.practice(), of(me, track).householdId(), step, first);
        } catch (GoesRound e) {
            flash.addFlashAttribute("refusal", e.getMessage());
        }
        return "redirect:/tracks/" + track + "#first";
    }

    @PostMapping("/tracks/{track}/needs/{need}/remove")
    String removeNeed(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, @PathVariable long need) {
        roadmaps.removeNeed(me.practice(), of(me, track).householdId(), need);
        return "redirect:/tracks/" + track + "#first";
    }

    @PostMapping("/tracks/{track}/apart")
    String apart(@AuthenticationPrincipal TrainerUser me, @PathVariable long track, @RequestParam long other, @RequestParam(defaultValue = "true") boolean apart) {
        roadmaps.keepApart(me.practice(), of(me, track).householdId(), track, other, apart);
        return "redirect:/tracks/" + track + "#first";
    }

    private Track of(TrainerUser me, long track) {
        return tracks.get(me.practice(), track).track();
    }

    private LocalDate today(Household home) {
        return Instant.now(clock).atZone(home.zone()).toLocalDate();
    }

    private static String roadmap(long household) {
        return "redirect:/households/" + household + "/roadmap";
    }
}

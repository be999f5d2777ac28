package cahier.app.alone;

import cahier.app.baseline.Baseline;
import cahier.app.baseline.Baselines;
import cahier.app.baseline.Kind;
import cahier.app.baseline.WatchWords;
import cahier.app.draw.Drawing;
import cahier.app.draw.WatchLine;
import cahier.app.household.Dog;
import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.language.Language;
import cahier.app.language.Words;
import cahier.app.measure.Measured;
import cahier.app.scope.TrainerUser;
import cahier.app.web.Dates;
import cahier.app.web.Measures;
import cahier.core.alone.AloneReading;
import cahier.core.alone.Arrangement;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalTime;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Time alone: the two arrangements side by side, departures, and what the household has to arrange meanwhile. */
@Controller
class AloneController {

    private static final int LONGEST_COVER = 60;

    private final Departures departures;
    private final Baselines baselines;
    private final Households households;
    private final Measured measured;
    private final Clock clock;

    AloneController(Departures departures, Baselines baselines, Households households, Clock clock, Measured measured) {
        this.measured = measured;
        this.departures = departures;
        this.baselines = baselines;
        this.households = households;
        this.clock = clock;
    }

    /** One arrangement of a dog with what its newest watch says. */
    public record Watched(Baseline watch, String pattern, String figures, Drawing line) {
    }

    /** A dog's arrangements, and which is the kinder; verdict and why are empty until both were watched. */
    public record Compared(Dog dog, List<Watched> watched, String verdict, String why) {
    }

    /** A weekday with its hours. */
    public record Day(int weekday, String name, List<HoursAway> hours) {

        public boolean isCovered() {
            return hours.stream().allMatch(HoursAway::isCovered);
        }
    }

    @GetMapping("/households/{household}/alone")
    String show(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam(defaultValue = "first") String enters, Model model) {
        Facts facts = households.facts(me.practice(), household);
        List<Baseline> watches = baselines.ofHousehold(me.practice(), household).stream().filter(b -> b.kind() == Kind.WATCH && !b.isOpen()).toList();
        List<HoursAway> hours = departures.hours(me.practice(), household);
        model.addAttribute("measured", measured.of(me.practice(), household));
        model.addAttribute("facts", facts);
        model.addAttribute("enters", enters);
        model.addAttribute("compared", facts.dogs().stream().map(d -> compared(d, watches.stream().filter(w -> w.dogId() == d.id()).toList(), !"second".equals(enters))).filter(c -> !c.watched().isEmpty()).toList());
        model.addAttribute("tracks", departures.of(me.practice(), household));
        model.addAttribute("days", weekdays().map(d -> new Day(d.getValue(), d.getDisplayName(TextStyle.FULL, Language.current().locale()), hours.stream().filter(h -> h.weekday() == d.getValue()).toList())).toList());
        model.addAttribute("open", hours.stream().filter(h -> !h.isCovered()).count());
        return "alone/alone";
    }

    /** From the day a week begins with where the reader lives. */
    private static Stream<DayOfWeek> weekdays() {
        DayOfWeek first = Language.current().firstDay();
        return IntStream.range(0, DayOfWeek.values().length).mapToObj(first::plus);
    }

    /** The newest of each arrangement, shut in before loose. */
    private static Compared compared(Dog dog, List<Baseline> newestFirst, boolean entersFirst) {
        List<Baseline> both = new ArrayList<>();
        for (String about : List.of(Words.say("alone.AloneController.shut-in"), "loose")) {
            newestFirst.stream().filter(w -> w.about().equalsIgnoreCase(about)).findFirst().ifPresent(both::add);
        }
        int longest = both.stream().map(b -> b.findings().watchedSeconds()).filter(Objects::nonNull).mapToInt(s -> s).max().orElse(0);
        List<Watched> watched = both.stream().map(b -> {
            AloneReading r = b.reading().orElseThrow();
            return new Watched(b, WatchWords.verdict(b, r), WatchWords.found(b, r), WatchLine.of(b.drawn(b.begunAt()), longest));
        }).toList();
        if (both.size() < 2) {
            return new Compared(dog, watched, "", "");
        }
        if (both.stream().anyMatch(b -> b.findings().isLoudThroughout())) {
            return new Compared(dog, watched, Words.say("alone.AloneController.they-cannot-be-compared"), Words.say("alone.AloneController.one-recording-was-loud-throughout"));
        }
        AloneReading first = both.get(0).reading().orElseThrow();
        AloneReading second = both.get(1).reading().orElseThrow();
        Arrangement better = Arrangement.of(first, both.get(0).findings().isDamaged(), second, both.get(1).findings().isDamaged(), entersFirst);
        return new Compared(dog, watched, WatchWords.better(better, both.get(0).about(), both.get(1).about()), WatchWords.why(better, first, second));
    }

    /** A session as it went: six fields of how long, and after how long it was upset where it was. */
    @PostMapping("/households/{household}/departures")
    String log(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam long dog, @RequestParam(defaultValue = "") List<String> left, @RequestParam(defaultValue = "") List<String> upset,
               RedirectAttributes flash) {
        Dog known = households.facts(me.practice(), household).dog(dog);
        try {
            Instant now = Instant.now(clock);
            UUID sitting = UUID.randomUUID();
            List<Departure> went = new ArrayList<>();
            for (int i = 0; i < left.size(); i++) {
                Optional<Integer> seconds = seconds(left.get(i));
                Optional<Integer> after = seconds(i < upset.size() ? upset.get(i) : "");
                if (seconds.isPresent()) {
                    if (seconds.get() < 1 || after.isPresent() && after.get() > seconds.get()) {
                        throw new IllegalArgumentException(Words.say("alone.AloneController.departure-must-last-1-s", (i + 1), left.get(i), upset.get(i)));
                    }
                    went.add(new Departure(UUID.randomUUID(), household, known.id(), sitting, seconds.get(), after.orElse(null), null, now.minusSeconds(left.size() - (long) i), me.signature()));
                }
            }
            if (went.isEmpty()) {
                throw new IllegalArgumentException(Words.say("alone.AloneController.a-session-must-have-at"));
            }
            went.forEach(d -> departures.keep(me.practice(), d, now));
        } catch (IllegalArgumentException e) {
            flash.addFlashAttribute("refusal", capital(String.valueOf(e.getMessage())) + ". Nothing was kept.");
            flash.addFlashAttribute("left", left);
            flash.addFlashAttribute("upset", upset);
        }
        return "redirect:/households/" + household + "/alone#departures";
    }

    private static Optional<Integer> seconds(String typed) {
        return typed.isBlank() ? Optional.empty() : Optional.of((int) Math.round(Measures.seconds(typed)));
    }

    private static String capital(String text) {
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }

    @PostMapping("/households/{household}/departures/undo")
    String undo(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam UUID sitting) {
        departures.undoSession(me.practice(), household, sitting, me.id(), Instant.now(clock));
        return "redirect:/households/" + household + "/alone#departures";
    }

    @PostMapping("/households/{household}/hours")
    String hours(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam(defaultValue = "0") int weekday, @RequestParam(defaultValue = "") String from, @RequestParam(defaultValue = "") String to,
                 @RequestParam(defaultValue = "") String cover, RedirectAttributes flash) {
        households.get(me.practice(), household);
        try {
            int begins = minutes(from);
            int ends = minutes(to);
            if (weekday < 1 || weekday > 7 || ends <= begins) {
                throw new IllegalArgumentException(Words.say("alone.AloneController.hours-must-be-on-a", from, to));
            }
            departures.put(me.practice(), household, new HoursAway(0, weekday, begins, ends, cut(cover)));
        } catch (IllegalArgumentException e) {
            flash.addFlashAttribute("refusal", capital(String.valueOf(e.getMessage())) + ". Nothing was kept.");
        }
        return "redirect:/households/" + household + "/alone#hours";
    }

    private static int minutes(String typed) {
        LocalTime time = Dates.wallTime(typed, "9:15");
        return time.getHour() * 60 + time.getMinute();
    }

    private static String cut(String cover) {
        return cover.strip().substring(0, Math.min(LONGEST_COVER, cover.strip().length()));
    }

    @PostMapping("/households/{household}/hours/{id}/cover")
    String cover(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @PathVariable long id, @RequestParam(defaultValue = "") String cover) {
        departures.cover(me.practice(), household, id, cut(cover));
        return "redirect:/households/" + household + "/alone#hours";
    }

    @PostMapping("/households/{household}/hours/{id}/remove")
    String remove(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @PathVariable long id) {
        departures.removeHours(me.practice(), household, id);
        return "redirect:/households/" + household + "/alone#hours";
    }
}

package cahier.app.baseline;

import cahier.app.draw.WatchLine;
import cahier.app.gate.Gates;
import cahier.app.household.Dog;
import cahier.app.household.Households;
import cahier.app.language.Words;
import cahier.app.scope.TrainerUser;
import cahier.app.web.Measures;
import cahier.app.web.NotFound;
import cahier.core.alone.Spell;
import cahier.core.gate.RedFlag;
import cahier.core.sound.BadSound;
import cahier.core.sound.HomeRecorder;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** One watch of a dog left alone: from a recording, a CSV file or typed; what it says; put right by hand. */
@Controller
class WatchController {

    private static final int LONGEST_MIN = 60;
    private static final long LARGEST_CSV = 1_000_000;
    private static final int RATE = 8000;
    private static final double RECORDED_S = 900;
    private static final double LOUD_DB = 18;
    private static final double DOOR_AT_S = 2;
    private static final Spell HUMS = new Spell(300, 420);
    private static final Map<String, List<Spell>> MADE_UP = Map.of("barks", List.of(new Spell(12, 31), new Spell(75, 80), new Spell(190, 214), new Spell(402, 405), new Spell(640, 690), new Spell(820, 871)),
            "whines", List.of(new Spell(20, 140), new Spell(300, 330)), "machine", List.of(), "quiet", List.of());
    private static final List<String> ARRANGEMENTS = List.of("shut in", "loose");

    private final Baselines baselines;
    private final Households households;
    private final Gates gates;
    private final Clock clock;

    WatchController(Baselines baselines, Households households, Gates gates, Clock clock) {
        this.baselines = baselines;
        this.households = households;
        this.gates = gates;
        this.clock = clock;
    }

    /** Spells from a file, WAV or CSV, or from what was typed. */
    @PostMapping("/households/{household}/watches")
    String take(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam long dog, @RequestParam(defaultValue = "loose") String about, @RequestParam(required = false) @Nullable MultipartFile file,
                @RequestParam(defaultValue = "") String spells, @RequestParam(defaultValue = "15 min") String watched, @RequestParam(defaultValue = "") String damage, RedirectAttributes flash) throws IOException {
        households.get(me.practice(), household);
        Dog known = households.dogs(me.practice(), household).stream().filter(d -> d.id() == dog).findFirst().orElseThrow(() -> new NotFound("dog " + dog));
        try {
            if (!ARRANGEMENTS.contains(about)) {
                throw new IllegalArgumentException(Words.say("baseline.WatchController.how-it-is-left-must", about));
            }
            Instant now = Instant.now(clock);
            Recording taken = taken(file, spells, watched);
            long id = baselines.keepWatch(me, household, known.id(), about, taken.spells(), taken.seconds(), taken.levels().isEmpty() ? null : taken.levels(), !damage.isEmpty(), now);
            flag(me, household, known.id(), damage, now);
            return "redirect:/baselines/" + id + "/watch";
        } catch (BadSound | IllegalArgumentException e) {
            flash.addFlashAttribute("refusal", said(e));
            flash.addFlashAttribute("typed", spells);
            return "redirect:/households/" + household + "/baselines#watch";
        }
    }

    private static String said(Exception e) {
        String why = String.valueOf(e.getMessage());
        return why.substring(0, 1).toUpperCase(Locale.ROOT) + why.substring(1) + (why.endsWith(".") ? "" : ".");
    }

    private static Recording taken(@Nullable MultipartFile file, String typed, String watched) throws BadSound, IOException {
        if (file == null || file.isEmpty() && String.valueOf(file.getOriginalFilename()).isEmpty()) {
            return new Recording(SpellText.read(typed), seconds(watched), List.of());
        }
        if (String.valueOf(file.getOriginalFilename()).toLowerCase(Locale.ROOT).endsWith(".csv")) {
            if (file.getSize() > LARGEST_CSV) {
                throw new IllegalArgumentException(Words.say("baseline.WatchController.the-csv-file-must-be", file.getSize() / LARGEST_CSV));
            }
            return new Recording(SpellText.read(new String(file.getBytes(), StandardCharsets.UTF_8)), seconds(watched), List.of());
        }
        try (InputStream in = file.getInputStream()) {
            return Recording.read(in);
        }
    }

    private static int seconds(String watched) {
        double seconds = Measures.seconds(watched);
        if (seconds < 1 || seconds > LONGEST_MIN * 60) {
            throw new IllegalArgumentException(Words.say("baseline.WatchController.how-long-was-watched-must", watched));
        }
        return (int) Math.round(seconds);
    }

    /** Damage and panic are no training matter: a flag shuts the tracks of being alone until someone has looked. */
    private void flag(TrainerUser me, long household, long dog, String damage, Instant now) {
        switch (damage) {
            case "hurt" -> gates.raise(me, household, dog, RedFlag.SELF_INJURY, Words.say("baseline.WatchController.hurt-itself-when-it-was"), now);
            case "panic" -> gates.raise(me, household, dog, RedFlag.PANIC_ALONE, Words.say("baseline.WatchController.panic-or-damage-when-it"), now);
            default -> { }
        }
    }

    /** A stand-in for a recorder left at home: a made-up dog before a street, so that nobody needs a device to try it. The same seed is the same recording. */
    @GetMapping("/bench/recording.wav")
    void recording(@RequestParam(defaultValue = "barks") String dog, @RequestParam(defaultValue = "1") long seed, HttpServletResponse answer) throws IOException {
        List<Spell> spells = MADE_UP.getOrDefault(dog, List.of());
        answer.setContentType("audio/wav");
        answer.setHeader("Content-Disposition", "attachment; filename=\"made-up-" + (MADE_UP.containsKey(dog) ? dog : "quiet") + ".wav\"");
        new HomeRecorder(seed, RATE, RECORDED_S, spells, LOUD_DB, DOOR_AT_S, false, dog.equals("machine") ? HUMS : null).write(answer.getOutputStream());
    }

    @GetMapping("/baselines/{id}/watch")
    String show(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, Model model) {
        Baseline watch = watch(me, id);
        model.addAttribute("facts", households.facts(me.practice(), watch.householdId()));
        model.addAttribute("watch", watch);
        model.addAttribute("dogName", households.facts(me.practice(), watch.householdId()).dogName(watch.dogId()));
        model.addAttribute("reading", watch.reading().orElseThrow());
        boolean refused = model.containsAttribute("typed");
        WatchLine.Watch drawn = watch.drawn(Instant.now(clock));
        model.addAttribute("line", refused ? WatchLine.of(drawn) : WatchLine.held(drawn));
        if (!refused) {
            model.addAttribute("typed", SpellText.of(watch.findings().spellsOrNone()));
        }
        return "baseline/watch";
    }

    @PostMapping("/baselines/{id}/watch")
    String correct(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestParam(defaultValue = "") String spells, @RequestParam(defaultValue = "") String watched, @RequestParam Optional<String> damage,
                   RedirectAttributes flash) {
        Baseline watch = watch(me, id);
        try {
            baselines.correct(me.practice(), id, SpellText.read(spells), seconds(watched), damage.filter(d -> !d.isEmpty()).isPresent());
            damage.filter(d -> !watch.findings().isDamaged()).ifPresent(d -> flag(me, watch.householdId(), watch.dogId(), d, Instant.now(clock)));
        } catch (IllegalArgumentException e) {
            flash.addFlashAttribute("refusal", said(e));
            flash.addFlashAttribute("typed", spells);
        }
        return "redirect:/baselines/" + id + "/watch";
    }

    /** Is this the dog? Asked of what is as even as a machine. */
    @PostMapping("/baselines/{id}/watch/spell")
    String answer(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestParam double from, @RequestParam boolean dog) {
        baselines.answer(me.practice(), id, from, dog);
        return "redirect:/baselines/" + id + "/watch";
    }

    private Baseline watch(TrainerUser me, long id) {
        Baseline watch = baselines.get(me.practice(), id);
        if (watch.kind() != Kind.WATCH || watch.isOpen()) {
            throw new NotFound("watch " + id);
        }
        return watch;
    }
}

package cahier.app.brief;

import cahier.app.account.AccountService;
import cahier.app.account.Whose;
import cahier.app.household.FactForms.LessonForm;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.language.Words;
import cahier.app.lesson.AgendaLine;
import cahier.app.lesson.BusyTimes;
import cahier.app.lesson.CalendarFile;
import cahier.app.lesson.CalendarUpload;
import cahier.app.lesson.Calendars;
import cahier.app.lesson.Clashes;
import cahier.app.lesson.Gaps;
import cahier.app.lesson.Lessons;
import cahier.app.lesson.Shown;
import cahier.app.log.Ending;
import cahier.app.log.NewRep;
import cahier.app.log.RepLog;
import cahier.app.scope.AskedTogether;
import cahier.app.scope.TrainerUser;
import cahier.app.track.Step;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.app.web.Check;
import cahier.app.web.Dates;
import cahier.app.web.NotFound;
import cahier.app.web.Paged;
import cahier.core.rep.Outcome;
import cahier.core.rep.Role;
import java.io.IOException;
import java.io.Reader;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
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
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Lessons: the list, the brief of one, its agenda, taps on the spot, and how it is closed. */
@Controller
class LessonController {

    private static final Duration AHEAD = Duration.ofDays(60);
    private static final Duration BACK = Duration.ofDays(30);

    private final Briefs briefs;
    private final Lessons lessons;
    private final Households households;
    private final AccountService accounts;
    private final Tracks tracks;
    private final RepLog log;
    private final Calendars calendars;
    private final BusyTimes busy;
    private final Clashes clashes;
    private final TrainersWeeks weeks;
    private final AskedTogether together;
    private final Clock clock;

    LessonController(Briefs briefs, Lessons lessons, Households households, AccountService accounts, Tracks tracks, RepLog log,
                     Calendars calendars, BusyTimes busy, Clashes clashes, TrainersWeeks weeks, AskedTogether together, Clock clock) {
        this.together = together;
        this.weeks = weeks;
        this.briefs = briefs;
        this.lessons = lessons;
        this.households = households;
        this.accounts = accounts;
        this.tracks = tracks;
        this.log = log;
        this.calendars = calendars;
        this.busy = busy;
        this.clashes = clashes;
        this.clock = clock;
    }

    @GetMapping("/lessons")
    String list(@AuthenticationPrincipal TrainerUser me, @RequestParam(defaultValue = "") String from, @RequestParam(defaultValue = "1") int coming, @RequestParam(defaultValue = "1") int past,
                @RequestParam(defaultValue = "") String whose, Model model) {
        Instant now = Instant.now(clock);
        ZoneId zone = accounts.zone(me.practice());
        LocalDate today = now.atZone(zone).toLocalDate();
        Long chosen = (Long) model.getAttribute("chosen");
        LocalDate week = TrainersWeek.asked(from, today);
        Whose of = accounts.whose(me, whose.equals("all"), now);
        together.ask(() -> coming(of, me, now, zone, coming), () -> past(of, me, now, zone, past), () -> weeks.of(me.practice(), of, week, today, zone), () -> households.toChoose(me, chosen, now), () -> households.lastOpened(me, now),
                () -> busy.count(me), () -> calendars.madeAt(me), () -> accounts.working(me.practice()));
        for (int round = 0; round < 2; round++) { // whom these lessons are with and what else is on at the time; then whom that is with
            together.ask(() -> listed(me, of, coming(of, me, now, zone, coming), zone, today), () -> listed(me, of, past(of, me, now, zone, past), zone, today), () -> weeks.of(me.practice(), of, week, today, zone));
        }
        model.addAttribute("coming", listed(me, of, coming(of, me, now, zone, coming), zone, today));
        model.addAttribute("past", listed(me, of, past(of, me, now, zone, past), zone, today));
        model.addAttribute("week", weeks.of(me.practice(), of, week, today, zone));
        model.addAttribute("whose", of);
        model.addAttribute("team", accounts.working(me.practice()));
        if (of.several()) {
            model.addAttribute("names", accounts.names(me.practice()));
        }
        List<Household> homes = households.toChoose(me, chosen, now);
        model.addAttribute("homes", homes);
        model.addAttribute("others", homes.size() >= Households.TO_CHOOSE);
        model.addAttribute("opened", households.lastOpened(me, now));
        if (!model.containsAttribute("form")) {
            model.addAttribute("form", LessonForm.usual(accounts.settings(me.practice()), Optional.empty(), zone));
        }
        model.addAttribute("busy", busy.count(me));
        model.addAttribute("calendarMadeAt", calendars.madeAt(me).map(at -> at.atZone(zone).toLocalDate()));
        return "brief/lessons";
    }

    private Paged<Lesson> coming(Whose of, TrainerUser me, Instant now, ZoneId zone, int page) {
        return households.firstLessons(me.practice(), of.trainer(), midnight(now, zone), now.plus(AHEAD), page);
    }

    private Paged<Lesson> past(Whose of, TrainerUser me, Instant now, ZoneId zone, int page) {
        return households.lastLessons(me.practice(), of.trainer(), now.minus(BACK), midnight(now, zone), page);
    }

    private static Instant midnight(Instant now, ZoneId zone) {
        return now.atZone(zone).toLocalDate().atStartOfDay(zone).toInstant();
    }

    private Paged<Briefs.Listed> listed(TrainerUser me, Whose of, Paged<Lesson> page, ZoneId zone, LocalDate today) {
        Map<Long, Household> homes = households.these(me.practice(), page.rows().stream().map(Lesson::householdId).toList());
        Map<Long, List<Clashes.Clash>> runInto = clashes.of(me.practice(), page.rows());
        Map<Long, Integer> gaps = gaps(me, of, page.rows(), zone);
        return page.map(lesson -> {
            Household household = Objects.requireNonNull(homes.get(lesson.householdId()));
            return new Briefs.Listed(household, lesson, Dates.moment(lesson.startsAt(), zone, today) + Dates.there(lesson.startsAt(), zone, household.zone()), gaps.getOrDefault(lesson.id(), Gaps.NONE),
                    Clashes.briefly(runInto.getOrDefault(lesson.id(), List.of()), zone));
        });
    }

    /** The lesson before may stand on another page. */
    private Map<Long, Integer> gaps(TrainerUser me, Whose of, List<Lesson> some, ZoneId zone) {
        Instant first = some.stream().map(Lesson::startsAt).min(Comparator.naturalOrder()).orElse(Instant.MAX);
        Instant last = some.stream().map(Lesson::startsAt).max(Comparator.naturalOrder()).orElse(Instant.MIN);
        return some.isEmpty() ? Map.of() : Gaps.of(households.lessonsOf(me.practice(), of.trainer(), midnight(first, zone), last.plusMillis(1)), zone);
    }

    /** Planned from the list, for any household; what it runs into is said first, and planned all the same when it is sent again. */
    @PostMapping("/lessons")
    String plan(@AuthenticationPrincipal TrainerUser me, @RequestParam(defaultValue = "0") long household, @RequestParam(defaultValue = "") String from, @RequestParam(defaultValue = "") String whose, @ModelAttribute("form") LessonForm form, BindingResult result, Model model) {
        Household home = households.get(me.practice(), household);
        Check check = new Check(result);
        ZoneId zone = accounts.zone(me.practice()); // the list stands in it
        Lesson lesson = form.read(check, home.id(), zone, accounts.working(me.practice()));
        if (!result.hasErrors() && !form.isSure()) {
            String clash = Clashes.said(clashes.ofPlanned(me.practice(), lesson), zone);
            if (!clash.isEmpty()) {
                check.refuse("startsAt", clash + ". Send it again to plan it all the same");
                model.addAttribute("sure", form.startsAt());
            }
        }
        if (result.hasErrors()) {
            model.addAttribute("chosen", home.id());
            return list(me, from, 1, 1, whose, model);
        }
        households.put(me.practice(), lesson);
        return "redirect:" + TrainersWeek.address(from, whose);
    }

    @GetMapping("/lessons/{id}")
    String brief(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, Model model) {
        Brief brief = briefs.of(me.practice(), id, Instant.now(clock));
        model.addAttribute("brief", brief);
        Long giver = brief.lesson().trainer();
        if (giver != null && giver != me.id()) {
            model.addAttribute("giver", accounts.names(me.practice()).getOrDefault(giver, ""));
        }
        return "brief/lesson";
    }

    /** Titles and minutes line by line; without any the suggested agenda stands again. */
    @PostMapping("/lessons/{id}/agenda")
    String agenda(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestParam(required = false) @Nullable List<String> title,
                  @RequestParam(required = false) @Nullable List<String> minutes, RedirectAttributes flash) {
        Lesson lesson = lessons.get(me.practice(), id);
        List<AgendaLine> lines = new ArrayList<>();
        for (int i = 0; title != null && minutes != null && i < Math.min(title.size(), minutes.size()); i++) {
            String words = title.get(i).strip();
            String typed = minutes.get(i).strip();
            if (words.isEmpty() && (typed.isEmpty() || typed.equals("0"))) {
                continue;
            }
            if (words.isEmpty() || words.length() > AgendaLine.LONGEST_TITLE || !typed.matches("\\d{1,3}") || Integer.parseInt(typed) > AgendaLine.MOST_MINUTES || lines.size() == AgendaLine.MOST) {
                flash.addFlashAttribute("refusal", Words.say("brief.LessonController.a-line-needs-1-to", AgendaLine.LONGEST_TITLE, AgendaLine.MOST_MINUTES, AgendaLine.MOST, words, typed));
                return back(id);
            }
            if (Integer.parseInt(typed) > 0) {
                lines.add(new AgendaLine(words, Integer.parseInt(typed)));
            }
        }
        lessons.keepAgenda(me.practice(), lesson, lines);
        return back(id);
    }

    @PostMapping("/lessons/{id}/state")
    String state(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestParam Lesson.State state) {
        lessons.put(me, lessons.get(me.practice(), id), state);
        return back(id);
    }

    /** What the trainer sees on the spot: a rep of the track's current step in the lesson's own sitting. */
    @PostMapping("/lessons/{id}/reps")
    String tap(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestParam long track, @RequestParam Outcome outcome, @RequestParam(required = false) @Nullable Long person,
               @RequestParam(defaultValue = "false") boolean shown) {
        Lesson lesson = lessons.get(me.practice(), id);
        TrackSteps map = tracks.get(me.practice(), track);
        Step step = map.current().filter(s -> map.track().householdId() == lesson.householdId()).orElseThrow(() -> new NotFound("a current step"));
        boolean lives = person != null && households.facts(me.practice(), lesson.householdId()).people().stream().anyMatch(p -> p.id() == person);
        Instant now = Instant.now(clock);
        UUID sitting = Hours.sitting(id, track);
        log.store(households.get(me.practice(), lesson.householdId()), List.of(new NewRep(UUID.randomUUID(), sitting, track, step.id(), outcome, shown ? Role.SHOWN : Role.WORK, now,
                lives ? person : null, null)), null, now);
        log.end(households.get(me.practice(), lesson.householdId()), sitting, now, Ending.of(null, ""), now);
        return back(id) + "#check-" + track;
    }

    /** What the owner showed back, kept before the lesson is closed. */
    @PostMapping("/lessons/{id}/shown")
    String shown(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestParam Map<String, String> all) {
        lessons.keepShown(me.practice(), lessons.get(me.practice(), id), shown(all));
        return back(id) + "#shown";
    }

    /** "shown-MARKER" is "fine" or "not"; anything else was not looked for. */
    private static Map<Shown, Boolean> shown(Map<String, String> all) {
        return Arrays.stream(Shown.values()).filter(w -> List.of("fine", "not").contains(all.getOrDefault("shown-" + w.name(), "")))
                .collect(Collectors.toMap(Function.identity(), w -> "fine".equals(all.get("shown-" + w.name()))));
    }

    /** A calendar file in which the trainer's other times stand. */
    @PostMapping("/lessons/busy")
    String busy(@AuthenticationPrincipal TrainerUser me, @RequestParam(required = false) @Nullable MultipartFile file, RedirectAttributes flash) throws IOException {
        try (Reader reader = CalendarUpload.open(file)) {
            int kept = busy.read(me, reader, accounts.zone(me.practice()), Instant.now(clock));
            flash.addFlashAttribute("said", kept == 0 ? Words.say("brief.LessonController.nothing-in-it-in-the") : Words.say("brief.LessonController.read", kept));
        } catch (CalendarFile.Bad e) {
            flash.addFlashAttribute("refusal", Words.say("brief.LessonController.what-was-read-before-stands", e.getMessage()));
        }
        return "redirect:/lessons#busy";
    }

    @PostMapping("/lessons/busy/clear")
    String free(@AuthenticationPrincipal TrainerUser me) {
        busy.clear(me);
        return "redirect:/lessons#busy";
    }

    @PostMapping("/households/{household}/packs")
    String buy(@AuthenticationPrincipal TrainerUser me, @PathVariable long household, @RequestParam(defaultValue = "") String lessonsBought, @RequestParam long lesson, RedirectAttributes flash) {
        String typed = lessonsBought.strip();
        int count = typed.matches("\\d{1,3}") ? Integer.parseInt(typed) : 0;
        if (count < 1 || count > Lessons.MOST_IN_A_PACK) {
            flash.addFlashAttribute("refusal", Words.say("brief.LessonController.a-pack-has-1-to", Lessons.MOST_IN_A_PACK, typed));
        } else {
            lessons.buy(me.practice(), household, count, Instant.now(clock).atZone(households.get(me.practice(), household).zone()).toLocalDate());
        }
        return back(lesson);
    }

    private static String back(long id) {
        return "redirect:/lessons/" + id;
    }
}

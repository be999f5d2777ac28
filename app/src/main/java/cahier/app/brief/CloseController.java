package cahier.app.brief;

import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.language.Words;
import cahier.app.lesson.Clashes;
import cahier.app.lesson.Lessons;
import cahier.app.lesson.NextDates;
import cahier.app.scope.TrainerUser;
import cahier.app.sheet.Homework;
import cahier.app.web.Dates;
import cahier.app.web.Site;
import cahier.core.lesson.NextDate;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** A lesson is closed on one page: what was decided, what goes to whom, when the next one is. */
@Controller
class CloseController {

    private final Briefs briefs;
    private final Lessons lessons;
    private final NextDates dates;
    private final Clashes clashes;
    private final Households households;
    private final Site site;
    private final Clock clock;

    CloseController(Briefs briefs, Lessons lessons, NextDates dates, Clashes clashes, Households households, Site site, Clock clock) {
        this.briefs = briefs;
        this.lessons = lessons;
        this.dates = dates;
        this.clashes = clashes;
        this.households = households;
        this.site = site;
        this.clock = clock;
    }

    /**
     * A date that may be chosen.
     *
     * @param value as a form sends it
     */
    record Choice(String value, String words, String clash, boolean chosen) {
    }

    @GetMapping("/lessons/{id}/close")
    String show(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, Model model) {
        Instant now = Instant.now(clock);
        Brief brief = briefs.of(me.practice(), id, now);
        if (brief.lesson().isOver()) {
            return "redirect:/lessons/" + id;
        }
        Optional<Lesson> planned = NextDates.planned(brief.facts(), brief.lesson());
        model.addAttribute("brief", brief);
        model.addAttribute("planned", planned.map(l -> Dates.moment(l.startsAt(), brief.household().zone(), brief.today())));
        model.addAttribute("dates", planned.isPresent() ? List.of() : choices(dates.after(me.practice(), brief.facts(), brief.lesson()), brief));
        return "brief/close";
    }

    /** The first that is free is chosen. */
    private static List<Choice> choices(List<NextDate> proposed, Brief brief) {
        Optional<NextDate> first = proposed.stream().filter(NextDate::isFree).findFirst();
        return proposed.stream().map(d -> new Choice(d.at().toString(), Dates.moment(d.at().atZone(brief.household().zone()).toInstant(), brief.household().zone(), brief.today()), d.clash(), first.filter(d::equals).isPresent())).toList();
    }

    /**
     * @param accept "decision:version" of each suggestion that was ticked
     * @param next when the next lesson is, where the household lives; "own" for what was typed, empty for none
     */
    @PostMapping("/lessons/{id}/close")
    String close(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestParam(required = false) @Nullable List<String> accept, @RequestParam(defaultValue = "") String next,
                 @RequestParam(defaultValue = "") String nextOwn, @RequestParam(defaultValue = "") String sure, RedirectAttributes flash) {
        Lesson lesson = lessons.get(me.practice(), id);
        List<Briefs.Seen> seen = accept == null ? List.of() : accept.stream().filter(a -> a.matches("\\d{1,18}:\\d{1,9}"))
                .map(a -> new Briefs.Seen(Long.parseLong(a.substring(0, a.indexOf(':'))), Integer.parseInt(a.substring(a.indexOf(':') + 1)))).toList();
        try {
            Optional<Homework> sheet = briefs.close(me, lesson, seen, next.equals("own") ? own(me, lesson, nextOwn, sure) : next(me, lesson, next), site.address(), Instant.now(clock));
            return sheet.map(s -> "redirect:/sheets/" + s.id()).orElse("redirect:/lessons/" + id);
        } catch (Briefs.Changed e) {
            flash.addFlashAttribute("refusal", Words.say("brief.CloseController.a-suggestion-has-changed-since"));
        } catch (Briefs.Over e) {
            flash.addFlashAttribute("refusal", Words.say("brief.CloseController.this-lesson-is-over-nothing"));
            return "redirect:/lessons/" + id;
        } catch (IllegalArgumentException e) {
            flash.addFlashAttribute("refusal", e.getMessage());
            flash.addFlashAttribute("typed", nextOwn);
        } catch (RunsInto e) {
            flash.addFlashAttribute("refusal", "The next lesson " + e.getMessage() + ". Send it again to plan it all the same. Nothing was closed or sent.");
            flash.addFlashAttribute("typed", nextOwn);
            flash.addFlashAttribute("sure", nextOwn);
        }
        return "redirect:/lessons/" + id + "/close";
    }

    /** The trainer has something else on then, and was not told yet. */
    private static final class RunsInto extends RuntimeException {
        private static final long serialVersionUID = 1L;

        RunsInto(String clash) {
            super(clash);
        }
    }

    /** One that was typed; what it runs into is said first. */
    private Optional<Lesson> own(TrainerUser me, Lesson lesson, String typed, String sure) {
        Optional<Lesson> next = next(me, lesson, typed);
        String clash = next.filter(n -> !sure.equals(typed)).map(n -> Clashes.said(clashes.ofPlanned(me.practice(), n), households.get(me.practice(), n.householdId()).zone())).orElse("");
        if (!clash.isEmpty()) {
            throw new RunsInto(clash);
        }
        return next;
    }

    /** The next lesson, as long as this one and as far away. */
    private Optional<Lesson> next(TrainerUser me, Lesson lesson, String typed) {
        if (typed.isBlank()) {
            return Optional.empty();
        }
        Household home = households.get(me.practice(), lesson.householdId());
        try {
            Instant at = LocalDateTime.parse(typed).atZone(home.zone()).toInstant();
            LocalDate day = LocalDateTime.parse(typed).toLocalDate();
            if (at.isAfter(lesson.startsAt()) && day.isBefore(LocalDate.now(clock.withZone(home.zone())).plusYears(2))) {
                return Optional.of(new Lesson(0, home.id(), at, lesson.minutes(), "", lesson.travelMinutes(), Lesson.State.PLANNED, 0, lesson.givenBy(), null));
            }
        } catch (DateTimeException e) {
            // said below
        }
        throw new IllegalArgumentException(Words.say("brief.CloseController.the-next-lesson-must-be", typed));
    }
}

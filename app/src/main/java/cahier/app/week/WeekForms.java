package cahier.app.week;

import cahier.app.draw.Drawing;
import cahier.app.household.Facts;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.language.Words;
import cahier.app.lesson.CalendarFile;
import cahier.app.lesson.CalendarUpload;
import cahier.app.scope.PracticeId;
import cahier.app.web.Dates;
import cahier.app.web.NotFound;
import java.io.IOException;
import java.io.Reader;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The forms of the week, the same on the trainer's page and on the owner's phone. */
@Component
public class WeekForms {

    private static final int DATE = 10;
    private static final String ELSEWHERE = "This session was planned anew meanwhile. Nothing was changed: look where it is now.";

    private final Weeks weeks;
    private final FreeHours hours;
    private final Households households;
    private final List<Advises> advice;

    WeekForms(Weeks weeks, FreeHours hours, Households households, List<Advises> advice) {
        this.advice = advice;
        this.weeks = weeks;
        this.hours = hours;
        this.households = households;
    }

    /** What was shown, for a page that needs more of it. */
    public record Shown(Optional<PlannedWeek> week, HoursKept hours, Facts facts) {

        Optional<Drawing> drawing(Instant now) {
            return week.map(w -> w.drawing(new WeekOf(facts, now).ground(hours, w.hot())));
        }
    }

    /** Everything both pages show. What was typed and refused stands in the lines again. */
    public Shown show(PracticeId practice, long household, Instant now, Model model) {
        Optional<PlannedWeek> week = weeks.of(practice, household, now);
        HoursKept kept = hours.of(practice, household, now);
        Facts facts = households.facts(practice, household);
        model.addAttribute("facts", facts);
        model.addAttribute("advice", advice.stream().flatMap(a -> a.proposals(practice, facts, now).stream()).toList());
        model.addAttribute("week", week.orElse(null));
        model.addAttribute("lines", kept.lines(facts));
        return new Shown(week, kept, facts);
    }

    /** Plans, once there are hours to plan with; without any, what was planned loses its times. */
    public void plan(PracticeId practice, long household, Instant now, RedirectAttributes flash) {
        households.get(practice, household);
        if (hours.of(practice, household, now).isEmpty()) {
            flash.addFlashAttribute("refusal", Words.say("week.WeekForms.nobody-has-said-when-there"));
            weeks.adapt(practice, household, now);
        } else {
            weeks.plan(practice, household, now);
        }
    }

    /** Keeps the hours and plans with them; what cannot be read is said, and everything typed stays. */
    public void hours(PracticeId practice, long household, Map<String, String> typed, Instant now, RedirectAttributes flash) {
        try {
            hours.put(practice, household, typed);
            plan(practice, household, now, flash);
        } catch (IllegalArgumentException e) {
            flash.addFlashAttribute("refusal", Words.say("week.WeekForms.nothing-was-changed", sentence(e)));
            flash.addFlashAttribute("typed", typed);
        }
    }

    /** Reads one person's calendar file. */
    public void calendar(PracticeId practice, long household, long person, boolean free, @Nullable MultipartFile file, Instant now, RedirectAttributes flash) {
        try (Reader reader = CalendarUpload.open(file)) {
            int kept = hours.read(practice, household, person, free, reader, now);
            flash.addFlashAttribute("said", kept == 0 ? Words.say("week.WeekForms.nothing-in-it-in-the") : Words.say("week.WeekForms.read", kept));
            weeks.adapt(practice, household, now);
        } catch (CalendarFile.Bad e) {
            flash.addFlashAttribute("refusal", Words.say("week.WeekForms.what-was-read-before-stands", e.getMessage()));
        } catch (IOException e) {
            flash.addFlashAttribute("refusal", Words.say("week.WeekForms.the-calendar-file-did-not"));
        }
    }

    public void forgetCalendar(PracticeId practice, long household, long person, Instant now) {
        hours.forget(practice, household, person);
        weeks.adapt(practice, household, now);
    }

    /** Pins a session or lets it go; returns where on the page it stands, empty when it was refused. */
    public String pin(PracticeId practice, long household, long dog, String at, boolean pinned, Instant now, RedirectAttributes flash) {
        try {
            weeks.pin(practice, household, dog, instant(practice, household, at), pinned, now);
            return anchor(at);
        } catch (Weeks.Elsewhere e) {
            flash.addFlashAttribute("refusal", ELSEWHERE);
            return "";
        }
    }

    /** Moves a session to a day, a time and a handler; returns where on the page it stands, empty when it was refused. */
    public String move(PracticeId practice, long household, long dog, String at, String day, String time, long person, Instant now, RedirectAttributes flash) {
        try {
            weeks.move(practice, household, dog, instant(practice, household, at), LocalDate.parse(day).atTime(Dates.wallTime(time, "18:30")), person, now);
            return anchor(day);
        } catch (Weeks.Elsewhere e) {
            flash.addFlashAttribute("refusal", ELSEWHERE);
        } catch (IllegalArgumentException e) {
            flash.addFlashAttribute("refusal", Words.say("week.WeekForms.nothing-was-moved", sentence(e)));
        } catch (DateTimeException e) {
            flash.addFlashAttribute("refusal", Words.say("week.WeekForms.a-day-must-be-such", day));
        }
        return "";
    }

    private static String anchor(String day) {
        return day.matches("\\d{4}-\\d{2}-\\d{2}.*") ? "#d-" + day.substring(0, DATE) : "";
    }

    private Instant instant(PracticeId practice, long household, String at) {
        Household home = households.get(practice, household);
        try {
            return LocalDateTime.parse(at).atZone(home.zone()).toInstant();
        } catch (DateTimeException e) {
            throw new NotFound("a session at " + at);
        }
    }

    private static String sentence(RuntimeException e) {
        String text = String.valueOf(e.getMessage());
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1) + ".";
    }
}

package cahier.app.brief;

import cahier.app.account.AccountService;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.language.Words;
import cahier.app.lesson.Clashes;
import cahier.app.lesson.Lessons;
import cahier.app.scope.TrainerUser;
import cahier.app.web.Dates;
import java.io.Serializable;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** A lesson taken elsewhere in the drawn week; what it runs into is said first, as where one is planned. */
@Controller
class MoveController {

    private final Lessons lessons;
    private final Households households;
    private final Clashes clashes;
    private final AccountService accounts;
    private final Clock clock;

    MoveController(Lessons lessons, Households households, Clashes clashes, AccountService accounts, Clock clock) {
        this.clock = clock;
        this.lessons = lessons;
        this.households = households;
        this.clashes = clashes;
        this.accounts = accounts;
    }

    /**
     * What one tap more would do: undo a move, or make one that was asked about.
     *
     * @param startsAt by the practice's clock, as a form writes it
     * @param action what the tap is called
     */
    public record Moved(long lesson, int version, String startsAt, String words, String action) implements Serializable {
    }

    /**
     * @param from the first day of the week that is looked at
     * @param startsAt by the practice's clock
     * @param sure the time it was said for already that something else is on
     */
    @PostMapping("/lessons/{id}/move")
    String move(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestParam(defaultValue = "") String startsAt, @RequestParam(defaultValue = "0") int version,
                @RequestParam(defaultValue = "") String sure, @RequestParam(defaultValue = "") String from, @RequestParam(defaultValue = "") String whose, RedirectAttributes flash) {
        Lesson lesson = lessons.get(me.practice(), id);
        Household home = households.get(me.practice(), lesson.householdId());
        ZoneId zone = accounts.zone(me.practice());
        Optional<Instant> to = Dates.parsedTime(startsAt).map(t -> t.atZone(zone).toInstant());
        if (to.isEmpty()) {
            flash.addFlashAttribute("refusal", Words.say("brief.MoveController.a-lesson-starts-at-a", startsAt));
        } else if (lesson.isOver()) {
            flash.addFlashAttribute("refusal", "The lesson with " + home.name() + " was " + lesson.state().word() + ": it stays where it was.");
        } else {
            Lesson moved = lesson.movedTo(to.get(), version);
            List<Clashes.Clash> runsInto = sure.equals(startsAt) ? List.of() : clashes.ofPlanned(me.practice(), moved);
            String when = home.name() + ", " + Dates.moment(moved.startsAt(), zone, LocalDate.now(clock.withZone(zone))) + Dates.there(moved.startsAt(), zone, home.zone());
            if (!runsInto.isEmpty()) {
                flash.addFlashAttribute("moved", new Moved(id, version, startsAt, when + ", " + Clashes.said(runsInto, zone) + ". It was not moved.", Words.say("brief.MoveController.move-it-all-the-same")));
            } else if (!moved.startsAt().equals(lesson.startsAt())) {
                households.put(me.practice(), moved);
                flash.addFlashAttribute("moved", new Moved(id, version + 1, Dates.input(lesson.startsAt(), zone), "Moved: " + when + ".", "Undo"));
            }
        }
        return "redirect:" + TrainersWeek.address(from, whose);
    }
}

package cahier.app.lesson;

import cahier.app.account.AccountService;
import cahier.app.account.AccountService.PracticeSettings;
import cahier.app.household.Facts;
import cahier.app.household.Lesson;
import cahier.app.scope.PracticeId;
import cahier.core.lesson.NextDate;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Dates for the lesson after one (docs/rules.md 19): by the household's rhythm, beside the trainer's other lessons and times, with the way on both sides. */
@Service
@Transactional(readOnly = true)
public class NextDates {

    private static final Duration AHEAD = Duration.ofDays(70);

    private final Clashes clashes;
    private final AccountService accounts;

    NextDates(Clashes clashes, AccountService accounts) {
        this.clashes = clashes;
        this.accounts = accounts;
    }

    /** The lesson that is planned after this one already. */
    public static Optional<Lesson> planned(Facts facts, Lesson lesson) {
        return facts.lessons().stream().filter(l -> l.startsAt().isAfter(lesson.startsAt()) && !l.isOver()).reduce((a, b) -> b);
    }

    /** As they would be said where the household lives; the first is the hour it is used to, whether free or not. */
    public List<NextDate> after(PracticeId practice, Facts facts, Lesson lesson) {
        ZoneId zone = facts.household().zone();
        List<LocalDateTime> before = new ArrayList<>(facts.lessons().stream().filter(l -> !l.startsAt().isAfter(lesson.startsAt()) && l.state() != Lesson.State.MISSED).map(l -> local(l.startsAt(), zone)).sorted().toList());
        if (before.isEmpty()) {
            before.add(local(lesson.startsAt(), zone));
        }
        PracticeSettings usual = accounts.settings(practice);
        List<NextDate.Taken> taken = clashes.taken(practice, lesson.startsAt(), lesson.startsAt().plus(AHEAD)).stream().filter(t -> t.lesson() != lesson.id() && lesson.mayBeGivenBy(t.trainer()))
                .map(t -> new NextDate.Taken(local(t.from(), zone), local(t.to(), zone), (int) t.way(lesson).toMinutes(), t.title())).toList();
        return NextDate.propose(before, usual.rhythmDays(), lesson.minutes(), lesson.travelMinutes(), taken);
    }

    private static LocalDateTime local(Instant at, ZoneId zone) {
        return at.atZone(zone).toLocalDateTime();
    }
}

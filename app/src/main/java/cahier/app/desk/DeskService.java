package cahier.app.desk;

import cahier.app.account.AccountService;
import cahier.app.account.Whose;
import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.lesson.Clashes;
import cahier.app.lesson.Gaps;
import cahier.app.scope.AskedTogether;
import cahier.app.scope.PracticeId;
import cahier.app.web.Dates;
import cahier.app.web.Likeness;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The households by who needs the trainer first (docs/rules.md 20), and by name; a page at a time. */
@Service
@Transactional
class DeskService {

    /** Lessons of a day that the desk has room for. */
    private static final int MOST_VISITS = 12;

    private final AccountService accounts;
    private final Households households;
    private final DeskMapper mapper;
    private final DeskRows rows;
    private final AskedTogether together;
    private final Clashes clashes;

    DeskService(AccountService accounts, Households households, DeskMapper mapper, DeskRows rows, AskedTogether together, Clashes clashes) {
        this.accounts = accounts;
        this.households = households;
        this.mapper = mapper;
        this.rows = rows;
        this.together = together;
        this.clashes = clashes;
    }

    /**
     * One page of the desk, and today's lessons.
     *
     * @param whose households and lessons
     * @param only households with such a reason; none for all
     * @param wanted page from 1 on; one that there is not is the last
     */
    Desk desk(PracticeId practice, Whose whose, DeskRow.@Nullable Kind only, int wanted, Instant now) {
        ZoneId zone = accounts.zone(practice);
        LocalDate today = now.atZone(zone).toLocalDate();
        Instant midnight = today.atStartOfDay(zone).toInstant();
        Instant tomorrow = today.plusDays(1).atStartOfDay(zone).toInstant();
        DeskMapper.When when = DeskMapper.When.at(now);
        together.ask(() -> place(practice, whose, when, only, wanted), () -> mapper.totals(practice, whose.trainers(), DeskWeights.USUAL.staying()), () -> households.lessonsOf(practice, whose.trainer(), midnight, tomorrow));
        Page page = Page.of(wanted, number -> place(practice, whose, when, only, number));
        DeskMapper.Totals totals = mapper.totals(practice, whose.trainers(), DeskWeights.USUAL.staying());
        List<Lesson> day = households.lessonsOf(practice, whose.trainer(), midnight, tomorrow);
        List<Lesson> todays = seen(day, now);
        Map<Long, DeskRow> shown = rows.of(practice, Stream.concat(page.ids().stream(), todays.stream().map(Lesson::householdId)).distinct().toList(), when);
        return new Desk(today, zone, Dates.time(now, zone), visits(practice, todays.stream().filter(l -> shown.containsKey(l.householdId())).toList(), shown, zone, now), page.of(shown), day.size(), totals.households(), only, page.number(), page.pages(), totals.waiting());
    }

    /** The whole day, or of a very full one what is to come next. */
    private static List<Lesson> seen(List<Lesson> day, Instant now) {
        int over = (int) day.stream().takeWhile(l -> !l.endsAt().isAfter(now)).count();
        int from = Math.max(0, Math.min(over, day.size() - MOST_VISITS));
        return day.subList(from, Math.min(day.size(), from + MOST_VISITS));
    }

    private List<DeskMapper.Placed> place(PracticeId practice, Whose whose, DeskMapper.When when, DeskRow.@Nullable Kind only, int page) {
        return mapper.placed(practice, when, DeskWeights.USUAL, whose.trainers(), only == null ? "" : only.name(), Page.ROWS, Page.before(page));
    }

    /**
     * One page of all households by name.
     *
     * @param words in their name or a dog's; empty for all
     */
    Listed named(PracticeId practice, String words, int wanted, Instant now) {
        Page page = Page.of(wanted, number -> mapper.named(practice, Likeness.anywhere(words), Page.ROWS, Page.before(number)));
        return new Listed(page.of(rows.of(practice, page.ids(), DeskMapper.When.at(now))), page.all(), page.number(), page.pages());
    }

    /** @param all how many are on all pages together */
    record Listed(List<DeskRow> rows, int all, int page, int pages) {
    }

    private List<Desk.Appointment> visits(PracticeId practice, List<Lesson> todays, Map<Long, DeskRow> shown, ZoneId zone, Instant now) {
        Map<Long, List<Clashes.Clash>> runInto = clashes.of(practice, todays);
        List<Desk.Appointment> visits = new ArrayList<>();
        Map<Long, Integer> gaps = Gaps.of(todays, zone);
        for (Lesson lesson : todays) {
            visits.add(new Desk.Appointment(Objects.requireNonNull(shown.get(lesson.householdId())), lesson, !lesson.endsAt().isAfter(now), gaps.getOrDefault(lesson.id(), Gaps.NONE),
                    Clashes.briefly(runInto.getOrDefault(lesson.id(), List.of()), zone)));
        }
        return visits;
    }
}

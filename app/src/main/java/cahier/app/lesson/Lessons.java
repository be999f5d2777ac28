package cahier.app.lesson;

import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;
import cahier.app.stored.Shape;
import cahier.app.stored.Stored;
import cahier.app.web.NotFound;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is kept of a lesson beside its date. */
@Service
@Transactional
public class Lessons {

    public static final int MOST_IN_A_PACK = 100;

    private final LessonMapper lessons;
    private final Households households;
    private final Stored stored;

    Lessons(LessonMapper lessons, Households households, Stored stored) {
        this.lessons = lessons;
        this.households = households;
        this.stored = stored;
    }

    public Lesson get(PracticeId practice, long id) {
        return lessons.find(practice, id).orElseThrow(() -> new NotFound("lesson " + id));
    }

    /** The first is 1. */
    public int number(PracticeId practice, Lesson lesson) {
        return lessons.number(practice, lesson.householdId(), lesson.startsAt());
    }

    /** The agenda as the trainer changed it; none while the suggested one stands. */
    public Optional<List<AgendaLine>> agenda(PracticeId practice, Lesson lesson) {
        String kept = lessons.agenda(practice, lesson.id());
        return kept == null ? Optional.empty() : Optional.of(stored.readAll(Shape.AGENDA_LINE, kept, AgendaLine.class));
    }

    /** Keeps the trainer's agenda, whether it adds up or not; an empty one lets the suggested one stand again. */
    public void keepAgenda(PracticeId practice, Lesson lesson, List<AgendaLine> lines) {
        lessons.setAgenda(practice, lesson.id(), lines.isEmpty() ? null : stored.writeAll(Shape.AGENDA_LINE, lines));
    }

    /** Marks it as given; false when it was over already, so that nothing is sent twice. */
    public boolean give(TrainerUser me, Lesson lesson) {
        return lessons.give(me.practice(), lesson.id(), Lesson.State.GIVEN, me.id()) == 1;
    }

    public void put(TrainerUser me, Lesson lesson, Lesson.State state) {
        lessons.setState(me.practice(), lesson.id(), state, me.id());
    }

    /** What the owner showed back, and whether it was right; what was not looked for is left out. */
    public Map<Shown, Boolean> shown(PracticeId practice, Lesson lesson) {
        return lessons.shown(practice, lesson.id()).stream().collect(Collectors.toMap(LessonMapper.Seen::what, LessonMapper.Seen::fine));
    }

    /** Keeps what the trainer saw; what is left out counts as not looked for. */
    public void keepShown(PracticeId practice, Lesson lesson, Map<Shown, Boolean> seen) {
        for (Shown what : Shown.values()) {
            if (seen.containsKey(what)) {
                lessons.putShown(practice, lesson.id(), what, seen.get(what));
            } else {
                lessons.dropShown(practice, lesson.id(), what);
            }
        }
    }

    /** One thing that was looked for; none where it was not after all. */
    public void putShown(PracticeId practice, Lesson lesson, Shown what, @Nullable Boolean fine) {
        if (fine == null) {
            lessons.dropShown(practice, lesson.id(), what);
        } else {
            lessons.putShown(practice, lesson.id(), what, fine);
        }
    }

    /** What was not right yet when it was last looked for, before this lesson. */
    public List<Shown> notYet(PracticeId practice, Lesson lesson) {
        return lessons.notYet(practice, lesson.householdId(), lesson.startsAt());
    }

    /** What the household has paid for; none when it never bought a pack. */
    public Optional<Pack> pack(PracticeId practice, long household) {
        Household home = households.get(practice, household);
        List<LessonMapper.Bought> packs = lessons.packs(practice, household);
        return packs.isEmpty() ? Optional.empty() : Optional.of(new Pack(packs.stream().mapToInt(LessonMapper.Bought::lessons).sum(),
                lessons.given(practice, household, packs.get(0).boughtOn().atStartOfDay(home.zone()).toInstant())));
    }

    public void buy(PracticeId practice, long household, int count, LocalDate on) {
        households.get(practice, household);
        lessons.insertPack(practice, household, count, on);
    }
}

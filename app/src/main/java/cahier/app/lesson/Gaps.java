package cahier.app.lesson;

import cahier.app.household.Lesson;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The time between the lessons of a day. */
public final class Gaps {

    /** What stands for the first of a day. */
    public static final int NONE = -1;

    private Gaps() {
    }

    /**
     * Minutes since the lesson before ended that the same trainer gives, or may give where it is not said; the first of a day has none.
     *
     * @param lessons in order
     * @param zone in which days end
     */
    public static Map<Long, Integer> of(List<Lesson> lessons, ZoneId zone) {
        Map<Long, Integer> gaps = new HashMap<>();
        for (int i = 0; i < lessons.size(); i++) {
            Lesson lesson = lessons.get(i);
            LocalDate day = day(lesson, zone);
            for (int before = i - 1; before >= 0 && day(lessons.get(before), zone).equals(day); before--) {
                if (lessons.get(before).mayBeGivenBy(lesson.trainer())) {
                    gaps.put(lesson.id(), (int) ChronoUnit.MINUTES.between(lessons.get(before).endsAt(), lesson.startsAt()));
                    break;
                }
            }
        }
        return gaps;
    }

    private static LocalDate day(Lesson lesson, ZoneId zone) {
        return lesson.startsAt().atZone(zone).toLocalDate();
    }
}

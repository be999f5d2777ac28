package cahier.app.desk;

import cahier.app.household.Lesson;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;

/** The desk as it stands now. */
record Desk(LocalDate today, ZoneId zone, String time, List<DeskRow> rows, int suggestions) {

    /** Today's lessons in the order of the day. */
    public List<DeskRow> lessonsToday() {
        return rows.stream().filter(r -> r.lesson().map(this::isToday).orElse(false))
                .sorted(Comparator.comparing(r -> r.lesson().orElseThrow().startsAt())).toList();
    }

    private boolean isToday(Lesson lesson) {
        return lesson.startsAt().atZone(zone).toLocalDate().equals(today);
    }
}

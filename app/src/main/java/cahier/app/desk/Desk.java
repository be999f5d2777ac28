package cahier.app.desk;

import cahier.app.household.Lesson;
import java.time.LocalDate;
import java.util.List;

/**
 * The desk as it stands now.
 *
 * @param visits today's lessons in the order of the day, those that are over too
 * @param rows every household, by who needs the trainer first
 * @param suggestions how many wait for an answer
 */
record Desk(LocalDate today, String time, List<Visit> visits, List<DeskRow> rows, int suggestions) {

    /** One lesson of today. */
    record Visit(DeskRow row, Lesson lesson, boolean over) {
    }

    /** "No lesson today.", "One lesson today." */
    public String day() {
        return switch (visits.size()) {
            case 0 -> "No lesson today.";
            case 1 -> "One lesson today.";
            default -> visits.size() + " lessons today.";
        };
    }
}

package cahier.app.desk;

import cahier.app.household.Lesson;
import cahier.app.language.Words;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The desk as it stands now.
 *
 * @param zone the trainer's
 * @param visits today's lessons in the order of the day, those that are over too
 * @param lessons how many there are today, of which the desk may have room for some
 * @param rows one page of the households, by who needs the trainer first
 * @param households how many there are in all
 * @param kind what they are filtered by
 * @param page from 1 on
 * @param suggestions how many wait for an answer
 */
record Desk(LocalDate today, ZoneId zone, String time, List<Appointment> visits, List<DeskRow> rows, int lessons, int households, DeskRow.@Nullable Kind kind, int page, int pages, int suggestions) {

    /**
     * One lesson of today.
     *
     * @param past whether its time is over
     * @param gapMinutes since the lesson before ended; -1 for the first
     * @param clash what it runs into, "dentist, 9:00 to 10:00"; empty where it is free
     */
    record Appointment(DeskRow row, Lesson lesson, boolean past, int gapMinutes, String clash) {

        /** "given", "missed", "not closed" where its time is over; else empty. */
        public String stands() {
            return lesson.isOver() ? lesson.state().word() : past ? Words.say("desk.Desk.not-closed") : "";
        }

        /** Whether the way takes longer than there is time. */
        public boolean isTight() {
            return gapMinutes >= 0 && gapMinutes < lesson.travelMinutes();
        }

        /** What asks for another time: "You have dentist, 9:00 to 10:00.", "5 min between, the way takes 20."; empty where it fits. */
        public String warns() {
            return !clash.isEmpty() ? Words.say("desk.Desk.you-have", clash) : isTight() ? Words.say("desk.Desk.min-between-the-way-takes", gapMinutes, lesson.travelMinutes()) : "";
        }

        /** "20 min there, 105 min between"; empty next door. */
        public String way() {
            if (lesson.travelMinutes() == 0) {
                return "";
            }
            return Words.say("desk.Desk.min-there", lesson.travelMinutes(), (gapMinutes >= 0 ? Words.say("desk.Desk.min-between", gapMinutes) : ""));
        }
    }

    /** "No lesson today.", "One lesson today." */
    public String day() {
        return switch (lessons) {
            case 0 -> Words.say("desk.Desk.no-lesson-today");
            case 1 -> Words.say("desk.Desk.one-lesson-today");
            default -> Words.say("desk.Desk.lessons-today", lessons);
        };
    }
}

package cahier.app.lesson;

/** One block of an hour, as the trainer has it. */
public record AgendaLine(String title, int minutes) {
}

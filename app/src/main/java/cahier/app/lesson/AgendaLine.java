package cahier.app.lesson;

/** One block of an hour, as the trainer has it. */
public record AgendaLine(String title, int minutes) {

    public static final int LONGEST_TITLE = 80;
    public static final int MOST_MINUTES = 300;
    /** Lines of one agenda. */
    public static final int MOST = 40;
}

package cahier.app.web;

/** What is typed into a field that finds, as a pattern of the database. */
public final class Likeness {

    private Likeness() {
    }

    /** "%words%" with what the database would take for a sign of its own escaped; "%%" for nothing. */
    public static String anywhere(String typed) {
        return "%" + typed.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_") + "%";
    }
}

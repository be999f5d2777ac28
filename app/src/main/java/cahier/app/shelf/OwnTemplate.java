package cahier.app.shelf;

/**
 * A template of the practice's own.
 *
 * @param mine whether whoever looks made it; only they edit, share and remove it
 * @param shared whether the other trainers of the practice see it
 */
public record OwnTemplate(long id, String madeBy, boolean mine, boolean shared, int version, Template template) {

    private static final String PREFIX = "own-";

    /** What tracks and addresses call it. */
    public String name() {
        return PREFIX + id;
    }

    static boolean isName(String name) {
        return name.matches(PREFIX + "\\d{1,18}");
    }

    static long idOf(String name) {
        return Long.parseLong(name.substring(PREFIX.length()));
    }
}

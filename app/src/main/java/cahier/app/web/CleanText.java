package cahier.app.web;

import java.util.regex.Pattern;

/** Text as people write it: without the characters that no font has, and that a PDF, a mail or the database does not take. */
public final class CleanText {

    private static final Pattern NEVER = Pattern.compile("[\\x00-\\x08\\x0B\\x0C\\x0E-\\x1F\\x7F\\uFFFE\\uFFFF\\p{Cs}]");

    private CleanText() {
    }

    /** The same without them; tabs and ends of lines stay. */
    public static String of(String typed) {
        return NEVER.matcher(typed).replaceAll("");
    }
}

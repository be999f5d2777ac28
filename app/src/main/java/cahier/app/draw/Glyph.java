package cahier.app.draw;

import cahier.app.language.Words;
import cahier.core.decide.Decision;
import cahier.core.rep.Outcome;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The marks of the notation: 24 x 24, drawable with a pen (docs/interface.md 4). */
public enum Glyph {

    CLEAN("clean", "M12 3.5V20.5"),
    HELPED("helped", "M16.5 3.5L6.5 20.5M11.4 12.2L17.5 20.5"),
    MISSED("missed", "M3.5 19.5H20.5"),
    TOO_MUCH("toomuch", "M2.5 14L6 4L10 20.5L14 4L18 20.5L21.5 10"),
    UP("dec-up", "M2 19.5H12V5.5H22"),
    STAY("dec-stay", "M2.5 9V16.5H21.5V9"),
    BACK("dec-back", "M2 5.5H12V19.5H22"),
    SPLIT("dec-split", "M2 20H8.5V12.5H15.5V5H22"),
    CALL("dec-stop", "M2 16H12.5M16.5 4V20M21.5 4V20"),
    REFRESH("dec-refresh", "M2 9.5H10V18H22M17.5 5V11.5M14.5 8.5L17.5 11.5L20.5 8.5"),
    DONE("dec-up", "M2 19.5H9V10.5H22M9 6.5H22"),
    NONE("dec-none", "M2.5 13H5.5M10.5 13H13.5M18.5 13H21.5"),
    HANDLERS("dec-handlers", "M7.5 3.5V20.5M16.5 13V20.5"),
    DITTO("dec-ditto", "M9.5 9L7 15M16.5 9L14 15"),
    NOTE("dec-note", "M4 6.5H20M4 12.5H20M4 18.5H13"),
    OFFLINE("dec-offline", "M2 15.5H10M14 8.5H22");

    private static final Pattern COMMAND = Pattern.compile("([MLHV])([0-9. ]+)");

    private final String ink;
    private final String path;

    Glyph(String ink, String path) {
        this.ink = ink;
        this.path = path;
    }

    public static Glyph of(Outcome outcome) {
        return valueOf(outcome.name());
    }

    public static Glyph of(Decision decision) {
        return valueOf(decision.name());
    }

    /** Its word: a mark is never used without it nearby. */
    public String getLabel() {
        return Words.say("draw.Glyph." + name());
    }

    /** The class that colours it. */
    public String getInk() {
        return ink;
    }

    public String getPath() {
        return path;
    }

    /** As it is named in a page's sprite. */
    public String getId() {
        return "g-" + name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Appends the mark at a place and size. */
    void draw(Path to, double x, double y, double scale) {
        Matcher matcher = COMMAND.matcher(path);
        double atX = 0;
        double atY = 0;
        while (matcher.find()) {
            char command = matcher.group(1).charAt(0);
            String[] numbers = matcher.group(2).strip().split("\\s+");
            atX = command == 'V' ? atX : Double.parseDouble(numbers[0]);
            atY = command == 'H' ? atY : Double.parseDouble(numbers[numbers.length - 1]);
            if (command == 'M') {
                to.move(x + atX * scale, y + atY * scale);
            } else {
                to.line(x + atX * scale, y + atY * scale);
            }
        }
    }
}

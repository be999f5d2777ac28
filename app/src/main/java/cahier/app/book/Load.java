package cahier.app.book;

import cahier.app.sheet.SheetItem;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the next homework asks of a household.
 *
 * @param minutes a day, when every session takes its longest
 * @param has minutes a day the household has, if it said
 */
record Load(int tracks, int minutes, @Nullable Integer has) {

    /** Tracks at once, unless the trainer wants more on purpose. */
    private static final int MOST_TRACKS = 3;

    static Load of(List<SheetItem> next, @Nullable Integer has) {
        return new Load(next.size(), next.stream().mapToInt(i -> i.plan().minutes() * i.plan().sessions()).sum(), has);
    }

    public boolean isTooMuch() {
        return has != null && minutes > has || tracks > MOST_TRACKS;
    }

    /** "The next homework asks for up to 46 min a day; they have 25. 4 tracks; three at most is usual." */
    public String words() {
        String asks = "The next homework asks for up to " + minutes + "\u00a0min a day" + (has == null ? "." : "; they have " + has + ".");
        return tracks > MOST_TRACKS ? asks + " " + tracks + " tracks; three at most is usual." : asks;
    }
}

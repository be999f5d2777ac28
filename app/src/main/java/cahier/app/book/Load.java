package cahier.app.book;

import cahier.app.roadmap.Way;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the next homework asks of a household.
 *
 * @param tracks that go on the sheet by themselves
 * @param minutes a day, when every session takes its longest
 * @param out tracks that are open too and stay out
 * @param has minutes a day the household has, if it said
 */
record Load(int tracks, int minutes, long out, @Nullable Integer has) {

    /** @param ways every track of the household, those of {@code next} among them */
    static Load of(List<Way> next, List<Way> ways, @Nullable Integer has) {
        return new Load(next.size(), next.stream().mapToInt(Load::minutes).sum(), ways.stream().filter(Way::isOpen).count() - next.size(), has);
    }

    /** Minutes a day that the current step of a track asks for. */
    static int minutes(Way way) {
        return way.roadmap().current().map(s -> s.plan().minutesADay()).orElse(0);
    }

    public boolean isTooMuch() {
        return has != null && minutes > has;
    }

    /** "The next homework asks for up to 46 min a day; they have 25. 1 more open track stays out." */
    public String words() {
        String asks = "The next homework asks for up to " + minutes + "\u00a0min a day" + (has == null ? "." : "; they have " + has + ".");
        return out == 0 ? asks : asks + " " + out + (out == 1 ? " more open track stays out." : " more open tracks stay out.");
    }
}

package cahier.app.track;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Where a step that measures stands now, read from what was logged (docs/rules.md 39).
 *
 * @param value the same as a figure, in the unit of its kind; none for a zone, or where nothing is known yet
 * @param words its criterion, as it goes on after the step's title: "start at 27 m"
 * @param easier the same, one adjusting easier: how a session begins after a pause
 * @param way what lies before the goal, this first, a few words each: "27 m", "25.7 m"; empty where there is no end in sight or nothing is known yet
 */
public record Adjusted(@Nullable Double value, String words, String easier, List<String> way) {

    public Adjusted {
        way = List.copyOf(way);
    }
}

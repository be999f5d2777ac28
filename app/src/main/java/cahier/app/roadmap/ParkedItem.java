package cahier.app.roadmap;

import java.time.LocalDate;

/**
 * An object that rests because it makes the dog silly.
 *
 * @param until the day from which it may be used again
 */
public record ParkedItem(long id, String item, LocalDate until) {
}

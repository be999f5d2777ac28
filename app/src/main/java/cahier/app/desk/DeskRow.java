package cahier.app.desk;

import cahier.app.draw.Drawing;
import cahier.app.draw.Glyph;
import cahier.app.household.Household;
import cahier.app.household.Lesson;
import java.util.Optional;

/**
 * One household on the desk.
 *
 * @param dogs in words
 * @param glyph the mark of the strongest reason, if there is one
 * @param verdict the strongest reason in at most four words
 * @param why one line of evidence
 * @param more how many reasons stand behind it
 */
record DeskRow(Household household, String dogs, Optional<Glyph> glyph, String verdict, String why, int more, double points,
               Optional<Lesson> lesson, String lessonAt, Drawing days) {
}

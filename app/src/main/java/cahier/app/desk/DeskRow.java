package cahier.app.desk;

import cahier.app.ask.Question;
import cahier.app.draw.Drawing;
import cahier.app.draw.Glyph;
import cahier.app.household.Household;
import cahier.app.household.Lesson;
import cahier.app.language.Words;
import java.util.Optional;
import java.util.Set;

/**
 * One household on the desk.
 *
 * @param dogs in words
 * @param glyph the mark of the strongest reason, if there is one
 * @param verdict the strongest reason in at most four words
 * @param why one line of evidence
 * @param second the reason behind it in a sentence; may be empty
 * @param more how many reasons stand behind those two
 * @param kinds what it can be filtered by
 */
public record DeskRow(Household household, String dogs, Optional<Glyph> glyph, String verdict, String why, String second, int more, double points, Set<Kind> kinds, Optional<Question> asked,
               Optional<Lesson> lesson, String lessonAt, Drawing days) {

    /** What a trainer looks for on a long desk. */
    public enum Kind {
        DECISION, QUESTION, LESSON, SILENT;

        public String words() {
            return Words.say("desk.Kind." + name());
        }
    }
}

package cahier.app.find;

import cahier.app.language.Words;
import java.util.Locale;

/**
 * Something that has the words that were looked for, or something like them.
 *
 * @param address where it stands
 * @param says what it is called, or the words around what was found
 */
public record Found(Kind kind, long householdId, String household, String address, String says) {

    /** Whether it has the words as they were typed. */
    public boolean has(String typed) {
        return says.toLowerCase(Locale.ROOT).contains(typed.strip().toLowerCase(Locale.ROOT));
    }

    /** What it is. */
    public enum Kind {
        HOUSEHOLD, DOG, PERSON, PLACE, WORD, TRACK, LESSON, NOTE, QUESTION, HAPPENED;

        public String word() {
            return Words.say("find.Kind." + name());
        }

        /** Whether the list of households is looked through for it too. */
        public boolean isListed() {
            return this == HOUSEHOLD || this == DOG;
        }

        /** Where one of a household stands. */
        String address(long household, long id) {
            String book = "/households/" + household;
            return switch (this) {
                case DOG -> book + "?facts=dogs&edit=" + id;
                case PERSON -> book + "?facts=people&edit=" + id;
                case PLACE -> book + "?facts=places&edit=" + id;
                case WORD -> book + "?facts=words&edit=" + id;
                case TRACK -> "/tracks/" + id;
                case LESSON -> "/lessons/" + id;
                case HOUSEHOLD, NOTE, QUESTION, HAPPENED -> book;
            };
        }
    }
}

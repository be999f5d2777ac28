package cahier.app.wording;

import cahier.app.language.Words;
import java.util.List;

/** What Cahier writes on the trainer's behalf. Names in braces are filled in. */
public enum TextKind {

    HOMEWORK(List.of("name", "dogs", "number", "tracks", "link", "next", "trainer", "practice")),
    ANSWER(List.of("name", "dogs", "question", "answer", "link", "trainer", "practice")),
    ALARM(List.of("name", "household", "dog", "happened", "when", "phones", "emergency", "own", "page")),
    QUESTIONS(List.of("name", "count", "questions", "page")),
    PASSWORD(List.of("name", "page", "link", "minutes")),
    TRIED(List.of("name", "page")),
    INVITED(List.of("name", "inviter", "practice", "role", "link", "days")),
    HANDED_OVER(List.of("name", "from", "household", "note", "page")),
    STRANGERS(List.of("dogs", "are"));

    private final List<String> names;

    TextKind(List<String> names) {
        this.names = names;
    }

    public String words() {
        return Words.say("mail." + name());
    }

    /** What may stand in braces. */
    public List<String> names() {
        return names;
    }

    /** Whether a practice may write its own. */
    public boolean isEdited() {
        return this != PASSWORD && this != TRIED && this != INVITED && this != HANDED_OVER;
    }

    /** Whether it is a mail of its own; the other stands on the sheet. */
    public boolean isMail() {
        return this != STRANGERS;
    }

    /** The wording where the trainer has none of their own. */
    public Wording usual() {
        return new Wording(Words.form("mail." + name() + ".subject"), Words.form("mail." + name() + ".body"));
    }
}

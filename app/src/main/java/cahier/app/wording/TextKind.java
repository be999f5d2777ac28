package cahier.app.wording;

import java.util.List;

/** What Cahier writes on the trainer's behalf. Names in braces are filled in. */
public enum TextKind {

    HOMEWORK("Homework", "Homework {number} for {dogs}", """
            Hello {name},

            homework {number} for {dogs} is ready: {tracks}.
            It is on your page, and attached to print: {link}

            Next lesson: {next}.

            {trainer}, {practice}""", List.of("name", "dogs", "number", "tracks", "link", "next", "trainer", "practice")),

    ANSWER("Answer to a question", "Your question about {dogs}", """
            Hello {name},

            you asked: {question}

            {answer}

            {trainer}, {practice}""", List.of("name", "dogs", "question", "answer", "link", "trainer", "practice")),

    ALARM("Stop and call, to the trainers", "Stop and call: {household}, {dog}", """
            {household} pressed Stop and call, {when}.

            {dog}: {happened}

            Ring them: {phones}
            In an emergency they call: {emergency}
            Your number, as they see it: {own}

            Everything with {dog} rests on their phone until you have answered: {page}

            Until you open that page this mail comes again after 15 minutes and after an hour.""", List.of("name", "household", "dog", "happened", "when", "phones", "emergency", "own", "page")),

    QUESTIONS("Questions, to the trainers", "{count} from owners", """
            Hello {name},

            {questions}

            Answer them on your desk: {page}""", List.of("name", "count", "questions", "page")),

    PASSWORD("A lost password, to the trainer", "A new password for Cahier", """
            Hello {name},

            somebody asked for a new password for your account at {page}. Choose one here within {minutes} minutes: {link}

            If it was not you, do nothing: your password stays as it is.""", List.of("name", "page", "link", "minutes")),

    TRIED("A try, to the trainer", "Mail from Cahier arrives", """
            Hello {name},

            this is the mail you asked for in Settings. Links in mail lead to {page}.""", List.of("name", "page")),

    INVITED("An invitation, to a trainer", "{practice} on Cahier", """
            Hello {name},

            {inviter} asks you to join {practice}: {role}. Choose a password here within {days} days: {link}

            If you do not know them, do nothing: without a password nobody comes in.""", List.of("name", "inviter", "practice", "role", "link", "days")),

    HANDED_OVER("A household handed over, to the trainer", "Handed over to you: {household}", """
            Hello {name},

            {from} has handed {household} over to you.

            {note}

            Open it here: {page}""", List.of("name", "from", "household", "note", "page")),

    STRANGERS("What to say to strangers, on the sheet", "", """
            “{dogs} {are} in training. Please no touch, no talk, no food.” If somebody comes on all the same: step between, turn and walk off.""", List.of("dogs", "are"));

    private final String words;
    private final String subject;
    private final String body;
    private final List<String> names;

    TextKind(String words, String subject, String body, List<String> names) {
        this.words = words;
        this.subject = subject;
        this.body = body;
        this.names = names;
    }

    public String words() {
        return words;
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
        return new Wording(subject, body.stripTrailing());
    }
}

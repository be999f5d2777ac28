package cahier.app.judge;

import cahier.app.draw.Glyph;
import cahier.app.language.Words;
import cahier.app.web.Dates;
import cahier.core.decide.Decision;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;

/**
 * What stands in the margin beside a track.
 *
 * @param decided the suggestion, open or answered
 * @param evidence sentences, the weightiest first
 * @param odds "91 chances in 100 that a rep is clean at least 8 times in 10.", empty when there is nothing to say
 */
public record Note(Decided decided, Glyph glyph, String verdict, List<String> evidence, String odds, boolean canUndo) {

    public static Note of(Decided decided, boolean canUndo) {
        Decision shown = decided.isAnswered() && decided.answer() != null ? decided.answer() : decided.suggested();
        return new Note(decided, Glyph.of(shown), decided.isAnswered() ? SuggestionWords.verdict(shown) : SuggestionWords.verdict(shown, decided.cause()), SuggestionWords.evidence(decided.grounds()),
                SuggestionWords.odds(decided.grounds()), canUndo);
    }

    /** "Newest rep Tue 24."; empty where it was made on none. */
    public String newest() {
        LocalDate day = decided.grounds().newest();
        return day == null ? "" : Words.say("judge.Note.newest-rep", Dates.day(day));
    }

    /** Whether the trainer must say what comes next: it is not accepted as it stands. */
    public boolean isCall() {
        return decided.suggested() == Decision.CALL;
    }

    public boolean isOpen() {
        return decided.isOpen();
    }

    /** Whether there is something to accept: staying as it is needs no answer. */
    public boolean asksForAnAnswer() {
        return isOpen() && (decided.grounds().suggestion().staysOpen() || decided.suggested() == Decision.REFRESH);
    }

    public boolean isSplit() {
        return decided.suggested() == Decision.SPLIT;
    }

    public Instant answeredAt() {
        return decided.answeredAt() == null ? Instant.EPOCH : decided.answeredAt();
    }
}

package cahier.app.outbox;

import cahier.app.wording.TextKind;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One mail to one person.
 *
 * @param body still with {link} in it, which is filled in as it goes out and never kept
 * @param householdId whose it is about; none where it is about several
 * @param homeworkId the sheet that is attached, if one is
 * @param alarmId the alarm it tells of, if it does
 * @param tries how often a server was asked to take it
 * @param trouble why it did not go, in words; empty when it did or was not tried
 */
public record Mail(long id, @Nullable Long householdId, TextKind kind, @Nullable Long homeworkId, @Nullable UUID alarmId, String fromName, String replyTo, String toName, String toAddress,
                   String subject, String body, String site, State state, int tries, Instant nextAt, Instant madeAt, @Nullable Instant sentAt, String trouble) {

    /** Where it is. */
    public enum State {
        /** Not gone yet; tried again at its time. */
        WAITING("waits"),
        SENT("went out"),
        /** Not tried again by itself. */
        FAILED("did not go"),
        /** The trainer did not want it sent, or there was no need any more. */
        DROPPED("not sent");

        private final String words;

        State(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public boolean isWaiting() {
        return state == State.WAITING;
    }

    /** Whether it waits for a time of its own. */
    public boolean isLater() {
        return isWaiting() && nextAt.isAfter(madeAt);
    }

    /** Whether the trainer may still have it sent or dropped. */
    public boolean isOpen() {
        return state == State.WAITING || state == State.FAILED;
    }

    /** The body as it may be shown: the address of the household's page is not. */
    public String shown() {
        return body.replace("{link}", kind == TextKind.PASSWORD ? "(a link)" : "(the household’s link)");
    }
}

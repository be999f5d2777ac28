package cahier.app.audit;

import cahier.app.language.Words;
import cahier.app.scope.PracticeId;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * Something that says who may come in, or who did; {@link AuditLog} keeps it in the same transaction.
 *
 * @param household whose link it was; null where it is about the practice
 */
public record Audited(PracticeId practice, What what, @Nullable Long household, String note, Instant at) {

    public static Audited of(PracticeId practice, What what, Instant at) {
        return new Audited(practice, what, null, "", at);
    }

    /** What it was, as the page says it. */
    public enum What {
        SIGNED_IN, PASSWORD_CHANGED, PASSWORD_BY_LINK, PASSWORD_BY_HAND,
        LINK_MADE, LINK_REPLACED, LINK_STOPPED, CALENDAR_MADE,
        CALENDAR_STOPPED, CLOSED, REOPENED, EXPORTED,
        EXPORTED_BY_OWNER, IMPORTED, ERASURE_ASKED, ERASED,
        SETTINGS_CHANGED, SECOND_FACTOR_ON, SECOND_FACTOR_OFF,
        RECOVERY_CODE_USED, FORGOTTEN,
        INVITED, JOINED, ROLE_CHANGED, LET_GO, STANDS_IN, STANDS_IN_NO_MORE;

        public String words() {
            return Words.say("audit.What." + name());
        }

        /** Whether the note says whom it was about. */
        public boolean isAboutSomebody() {
            return switch (this) {
                case INVITED, ROLE_CHANGED, LET_GO, STANDS_IN, STANDS_IN_NO_MORE -> true;
                default -> false;
            };
        }
    }
}

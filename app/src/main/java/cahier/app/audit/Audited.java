package cahier.app.audit;

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
        SIGNED_IN("signed in"), PASSWORD_CHANGED("changed the password"), PASSWORD_BY_LINK("chose a new password by a link in a mail"), PASSWORD_BY_HAND("got a password made on the machine"),
        LINK_MADE("made the owners\u2019 link"), LINK_REPLACED("replaced the owners\u2019 link"), LINK_STOPPED("stopped the owners\u2019 link"), CALENDAR_MADE("made an address for a calendar program"),
        CALENDAR_STOPPED("stopped the address for a calendar program"), CLOSED("closed the household"), REOPENED("opened the household again"), EXPORTED("took a copy of everything"),
        EXPORTED_BY_OWNER("took a copy of everything, by the link"), IMPORTED("brought in a copy"), ERASURE_ASKED("asked to erase a household"), ERASED("erased a household"),
        SETTINGS_CHANGED("changed the settings"), SECOND_FACTOR_ON("asks for a code at sign-in"), SECOND_FACTOR_OFF("asks for no code at sign-in any more"),
        RECOVERY_CODE_USED("signed in with a recovery code"), FORGOTTEN("let go what was older than is kept"),
        INVITED("invited"), JOINED("joined the practice"), ROLE_CHANGED("changed what a trainer may do"), LET_GO("let a trainer go"), STANDS_IN("planned a stand-in"), STANDS_IN_NO_MORE("took back a stand-in");

        private final String words;

        What(String words) {
            this.words = words;
        }

        public String words() {
            return words;
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

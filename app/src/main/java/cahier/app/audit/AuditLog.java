package cahier.app.audit;

import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;
import cahier.app.web.Paged;

import java.time.Instant;
import org.springframework.context.event.EventListener;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps who came in and who let whom in; what is kept is neither changed nor deleted, which the database holds. */
@Service
@Transactional
public class AuditLog {

    private final AuditMapper entries;

    AuditLog(AuditMapper entries) {
        this.entries = entries;
    }

    /** One entry; household is its name, empty where it is about the practice. */
    public record Entry(Instant at, String who, Audited.What what, String note, String household) {

        /** "Imre Sallow invited: Wenna Tarn" */
        public String says() {
            return who + " " + what.words() + (what.isAboutSomebody() ? ": " + note : "");
        }
    }

    @EventListener
    void keep(Audited audited) {
        entries.insert(audited, who(audited));
    }

    /** The trainer who is signed in; of what happens before that, whom it is about. */
    private static String who(Audited audited) {
        Authentication signedIn = SecurityContextHolder.getContext().getAuthentication();
        return signedIn != null && signedIn.getPrincipal() instanceof TrainerUser trainer ? trainer.name() : audited.note().isEmpty() ? "Cahier" : audited.note();
    }

    /** A practice's, newest first. */
    @Transactional(readOnly = true)
    public Paged<Entry> page(PracticeId practice, int page) {
        return Paged.read(page, (most, after) -> entries.newest(practice, most, after));
    }
}

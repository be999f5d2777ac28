package cahier.app.audit;

import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;

import java.time.Instant;
import java.util.List;
import org.springframework.context.event.EventListener;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps who came in and who let whom in; what is kept is neither changed nor deleted, which the database holds. */
@Service
@Transactional
public class AuditLog {

    private static final int SHOWN = 50;

    private final AuditMapper entries;

    AuditLog(AuditMapper entries) {
        this.entries = entries;
    }

    /** One entry; household is its name, empty where it is about the practice. */
    public record Entry(Instant at, String who, Audited.What what, String note, String household) {
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

    /** The newest of a practice, newest first. */
    @Transactional(readOnly = true)
    public List<Entry> latest(PracticeId practice) {
        return entries.latest(practice, SHOWN);
    }
}

package cahier.app.password;

import cahier.app.account.Credentials;
import cahier.app.outbox.TrainerMail;
import cahier.app.scope.PracticeScope;
import cahier.app.web.Site;
import java.time.Instant;
import org.springframework.stereotype.Component;

/** Sends the link for a lost password to the address it was asked for, where a trainer has it. */
@Component
class LostPasswords {

    private final Credentials credentials;
    private final TrainerMail mail;
    private final Site site;

    LostPasswords(Credentials credentials, TrainerMail mail, Site site) {
        this.credentials = credentials;
        this.mail = mail;
        this.site = site;
    }

    /** Nobody learns from it whether there is such an account. */
    void send(String email, Instant now) {
        credentials.find(email).ifPresent(trainer -> PracticeScope.within(trainer.practice(), () -> {
            mail.password(trainer, site.address(), now);
            return trainer;
        }));
    }
}

package cahier.app.outbox;

import cahier.app.sheet.SheetKept;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** A new sheet takes the place of the one before it in the mail too, in the same transaction. */
@Component
class MailFollows {

    private final Outbox outbox;

    MailFollows(Outbox outbox) {
        this.outbox = outbox;
    }

    @EventListener
    void on(SheetKept event) {
        outbox.superseded(event.practice(), event.sheet(), event.at());
    }
}

package cahier.app.owner;

import cahier.app.ask.Question;
import cahier.app.ask.Questions;
import cahier.app.outbox.TrainerMail;
import cahier.app.sheet.OwnerLinks.Owner;
import java.time.Instant;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A question is kept, and reaches the trainers by mail once a day. */
@Service
@Transactional
class Asking {

    private final Questions questions;
    private final TrainerMail mail;

    Asking(Questions questions, TrainerMail mail) {
        this.questions = questions;
        this.mail = mail;
    }

    void ask(Owner owner, Question question, String site, Instant now) {
        if (questions.ask(owner.practice(), question, now)) {
            mail.questions(owner.practice(), site, now);
        }
    }
}

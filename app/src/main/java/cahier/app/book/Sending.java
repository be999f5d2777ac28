package cahier.app.book;

import cahier.app.account.TrainerUser;
import cahier.app.ask.Questions;
import cahier.app.forecast.Forecasts;
import cahier.app.outbox.Outbox;
import cahier.app.sheet.Homework;
import cahier.app.sheet.Homeworks;
import cahier.app.sheet.OwnerLinks;
import cahier.app.week.Weeks;
import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What goes out to a household: homework with its link and a mail to everyone who has an address, and answers. All of it or nothing. */
@Service
@Transactional
class Sending {

    private final Homeworks homeworks;
    private final OwnerLinks links;
    private final Questions questions;
    private final Outbox outbox;
    private final Forecasts forecasts;
    private final Weeks weeks;

    Sending(Homeworks homeworks, OwnerLinks links, Questions questions, Outbox outbox, Forecasts forecasts, Weeks weeks) {
        this.homeworks = homeworks;
        this.links = links;
        this.questions = questions;
        this.outbox = outbox;
        this.forecasts = forecasts;
        this.weeks = weeks;
    }

    /** The tracks that go on the next sheet by themselves; empty when there is nothing to practise. */
    Optional<Homework> issue(TrainerUser me, long household, String site, Instant now) {
        return tell(me, homeworks.issue(me, household, now), site, now);
    }

    /** These tracks, on purpose. */
    Optional<Homework> issue(TrainerUser me, long household, Set<Long> tracks, String site, Instant now) {
        return tell(me, homeworks.issue(me, household, tracks, now), site, now);
    }

    void answer(TrainerUser me, long household, UUID question, String words, String site, Instant now) {
        outbox.answer(me, questions.answer(me, household, question, words, now), words, site, now);
    }

    private Optional<Homework> tell(TrainerUser me, Optional<Homework> issued, String site, Instant now) {
        issued.ifPresent(sheet -> {
            links.makeIfNone(me.practice(), sheet.householdId(), now);
            outbox.homework(me, sheet, site, now);
            forecasts.keep(me.practice(), sheet.householdId(), now);
            weeks.adapt(me.practice(), sheet.householdId(), now);
        });
        return issued;
    }
}

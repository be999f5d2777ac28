package cahier.app.outbox;

import cahier.app.ask.Questions;
import cahier.app.forecast.Forecasts;
import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;
import cahier.app.sheet.Draft;
import cahier.app.sheet.Homework;
import cahier.app.sheet.Homeworks;
import cahier.app.sheet.OwnerLinks;
import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What goes out to a household: homework with its link and a mail to everyone who has an address, and answers. All of it or nothing. */
@Service
@Transactional
public class Sending {

    private final Homeworks homeworks;
    private final OwnerLinks links;
    private final Questions questions;
    private final Outbox outbox;
    private final Forecasts forecasts;

    Sending(Homeworks homeworks, OwnerLinks links, Questions questions, Outbox outbox, Forecasts forecasts) {
        this.homeworks = homeworks;
        this.links = links;
        this.questions = questions;
        this.outbox = outbox;
        this.forecasts = forecasts;
    }

    /** Thrown when what would go out is not what was looked at any more: then nothing went. */
    public static final class Changed extends RuntimeException {

        private static final long serialVersionUID = 1L;
    }

    /**
     * What a trainer asked to send.
     *
     * @param tracks chosen on purpose; none for those that go by themselves
     * @param seen stands for what was looked at; empty when nobody looked
     * @param byMail whether it goes by mail too
     */
    public record Wish(Optional<Set<Long>> tracks, String seen, boolean byMail) {

        public static final Wish USUAL = new Wish(Optional.empty(), "", true);
    }

    public Draft draft(PracticeId practice, long household, Optional<Set<Long>> tracks, Instant now) {
        return tracks.map(t -> homeworks.draft(practice, household, t, now)).orElseGet(() -> homeworks.draft(practice, household, now));
    }

    /** Sends homework; empty when there is nothing to practise and nothing that rests. */
    public Optional<Homework> issue(TrainerUser me, long household, Wish wish, String site, Instant now) {
        Draft draft = draft(me.practice(), household, wish.tracks(), now);
        if (!wish.seen().isEmpty() && !wish.seen().equals(draft.seen())) {
            throw new Changed();
        }
        Optional<Homeworks.Issued> issued = homeworks.issue(me, draft, now);
        issued.ifPresent(i -> {
            links.makeIfNone(me.practice(), household, now);
            if (wish.byMail()) {
                outbox.homework(me, i.sheet(), site, now);
            }
            if (i.isNew()) {
                forecasts.keep(me.practice(), household, now);
            }
        });
        return issued.map(Homeworks.Issued::sheet);
    }

    /** Sends the sheet that is out by mail, once. */
    public void mail(TrainerUser me, Homework sheet, String site, Instant now) {
        links.makeIfNone(me.practice(), sheet.householdId(), now);
        outbox.homework(me, sheet, site, now);
    }

    /** Takes the newest sheet back, with its mail where that still waits; false when it is not the newest. */
    public boolean takeBack(TrainerUser me, long sheet, Instant now) {
        boolean taken = homeworks.withdraw(me, sheet, now);
        if (taken) {
            outbox.withdrawn(me.practice(), sheet);
        }
        return taken;
    }

    public void answer(TrainerUser me, long household, UUID question, String words, String site, Instant now) {
        outbox.answer(me, questions.answer(me, household, question, words, now), words, site, now);
    }
}

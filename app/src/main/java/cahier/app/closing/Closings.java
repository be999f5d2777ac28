package cahier.app.closing;

import cahier.app.audit.Audited;
import cahier.app.household.GoneDog;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.outbox.Outbox;
import cahier.app.scope.TrainerUser;
import cahier.app.sheet.OwnerLinks;
import cahier.app.track.Tracks;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Ends things and takes that back. Whoever must know hears it as it hears that a dog was moved: the sheet, the phone, the week, the suggestions. */
@Service
@Transactional
public class Closings {

    private final Households households;
    private final Tracks tracks;
    private final OwnerLinks links;
    private final Outbox outbox;
    private final ApplicationEventPublisher events;

    Closings(Households households, Tracks tracks, OwnerLinks links, Outbox outbox, ApplicationEventPublisher events) {
        this.households = households;
        this.tracks = tracks;
        this.links = links;
        this.outbox = outbox;
        this.events = events;
    }

    /** Nothing is asked of the household any more: it leaves the desk, its link rests, mail that waits does not go. Once more changes nothing. */
    public void close(TrainerUser me, long household, Instant now) {
        if (households.get(me.practice(), household).isClosed()) {
            return;
        }
        Instant at = now.truncatedTo(ChronoUnit.MICROS); // as it is kept, so that the link is found by it
        households.close(me.practice(), household, at);
        links.rest(me.practice(), household, at);
        outbox.closed(me.practice(), household);
        tracks.over(me.practice(), household, 0, me.signature(), at);
        events.publishEvent(new Audited(me.practice(), Audited.What.CLOSED, household, "", at));
    }

    /** They come back: everything goes on where it stood, with the same link. */
    public void reopen(TrainerUser me, long household, Instant now) {
        Household closed = households.get(me.practice(), household);
        Instant at = closed.closedAt();
        if (at == null) {
            return;
        }
        households.close(me.practice(), household, null);
        links.resume(me.practice(), household, at);
        tracks.over(me.practice(), household, 0, me.signature(), now);
        events.publishEvent(new Audited(me.practice(), Audited.What.REOPENED, household, "", now));
    }

    /** A dog died or lives elsewhere; is back where {@code how} is null. */
    public void dog(TrainerUser me, long household, long dog, GoneDog.@Nullable How how, Instant now) {
        households.gone(me.practice(), household, dog, how, now);
        tracks.over(me.practice(), household, dog, me.signature(), now);
    }

    /** Somebody left the household, or is back. */
    public void person(TrainerUser me, long household, long person, boolean left, Instant now) {
        households.left(me.practice(), household, person, left, now);
    }
}

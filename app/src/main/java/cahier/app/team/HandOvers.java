package cahier.app.team;

import cahier.app.account.AccountService;
import cahier.app.account.AccountService.Trainer;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.outbox.TrainerMail;
import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;
import cahier.app.web.NotFound;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Whose household is whose, and how it came to be. */
@Service
@Transactional
public class HandOvers {

    static final int LONGEST_NOTE = 2000;
    private static final int SHOWN = 20;

    private final TeamMapper mapper;
    private final AccountService accounts;
    private final Households households;
    private final TrainerMail mail;

    HandOvers(TeamMapper mapper, AccountService accounts, Households households, TrainerMail mail) {
        this.mapper = mapper;
        this.accounts = accounts;
        this.households = households;
        this.mail = mail;
    }

    /** Thrown when the household went to somebody else while the page was open. */
    static final class Gone extends RuntimeException {

        private static final long serialVersionUID = 1L;
    }

    /**
     * A household goes to a trainer, who is told by mail unless they did it themselves, or to everybody.
     *
     * @param from whose it was on the page; none where all shared it
     * @param to one who works with households; none for everybody
     * @throws Gone when it is not theirs any more
     */
    void handOver(TrainerUser me, long household, @Nullable Long from, @Nullable Long to, String note, String site, Instant now) {
        Household home = households.get(me.practice(), household);
        Optional<Trainer> next = Optional.ofNullable(to).map(t -> trainer(me.practice(), t));
        if (mapper.give(me.practice(), household, from, to) == 0) {
            throw new Gone();
        }
        if (Objects.equals(from, to)) {
            return;
        }
        mapper.insertHandOver(me.practice(), household, now, me.signature(), from, to, note);
        next.filter(t -> t.id() != me.id()).ifPresent(t -> mail.handedOver(me, t, home, note, site, now));
    }

    /** All households of a trainer go to one who works with households, who gets one mail about them, or to everybody. */
    void handOverAll(TrainerUser me, long from, @Nullable Long to, String note, String site, Instant now) {
        Optional<Trainer> next = Optional.ofNullable(to).map(t -> trainer(me.practice(), t));
        int open = mapper.giveAll(me.practice(), from, to, now, me.signature(), note);
        next.filter(t -> t.id() != me.id() && open > 0).ifPresent(t -> mail.handedOver(me, t, open, note, site, now));
    }

    /** Whose a household is, and who stands in now. */
    @Transactional(readOnly = true)
    public TeamMapper.Kept kept(PracticeId practice, long household, Instant now) {
        return mapper.kept(practice, household, now).orElseThrow(() -> new NotFound("household " + household));
    }

    private Trainer trainer(PracticeId practice, long id) {
        return accounts.working(practice).stream().filter(t -> t.id() == id).findFirst().orElseThrow(() -> new NotFound("trainer " + id));
    }

    /** The last ones of a household, newest first. */
    @Transactional(readOnly = true)
    public List<HandOver> of(PracticeId practice, long household) {
        return mapper.handOvers(practice, household, SHOWN);
    }

    /** What was handed to a trainer and they have not read, newest first. */
    @Transactional(readOnly = true)
    public List<HandOver> handedTo(TrainerUser me) {
        return mapper.handedTo(me.practice(), me.id(), SHOWN);
    }

    /** They have read it; nothing happens where it was for somebody else. */
    void read(TrainerUser me, long id, Instant now) {
        if (mapper.read(me.practice(), id, me.id(), now) == 0 && !mapper.isThere(me.practice(), id)) {
            throw new NotFound("hand-over " + id);
        }
    }
}

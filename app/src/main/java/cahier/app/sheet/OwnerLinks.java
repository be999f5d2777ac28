package cahier.app.sheet;

import cahier.app.audit.Audited;
import cahier.app.language.Language;
import cahier.app.scope.PracticeId;
import cahier.app.scope.Seal;
import cahier.app.scope.Secret;
import cahier.app.web.NotFound;
import java.time.Instant;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The long random address that is all an owner needs. Kept are its hash, and itself sealed for sheet and mail (docs/decisions/0011-owner-links-are-sealed.md). */
@Service
@Transactional
public class OwnerLinks {

    private final LinkMapper links;
    private final Seal seal;
    private final ApplicationEventPublisher events;

    OwnerLinks(LinkMapper links, Seal seal, ApplicationEventPublisher events) {
        this.events = events;
        this.links = links;
        this.seal = seal;
    }

    /**
     * Whose link this is.
     *
     * @param reads the language their pages are in
     */
    public record Owner(PracticeId practice, long householdId, Language reads) {

        /** What tells this household from every other. */
        public String key() {
            return practice + "-" + householdId;
        }
    }

    /** The household of a link that has not been revoked, or the page for what does not exist. */
    public Owner find(String token) {
        byte[] hash = Secret.hash(token);
        links.announceLink(hash);
        return links.find(hash).map(r -> new Owner(r.practiceId(), r.householdId(), Language.of(r.language()))).orElseThrow(() -> new NotFound("this link"));
    }

    /** When the household's link was made, if it has one. */
    public Optional<Instant> madeAt(PracticeId practice, long household) {
        return links.live(practice, household).map(LinkMapper.LinkRow::madeAt);
    }

    /** The token of the household's link, for its sheet and its mail; none without a link or where the key is another than when it was made. */
    public Optional<String> token(PracticeId practice, long household) {
        return links.sealed(practice, household).flatMap(row -> seal.open(row.sealed()));
    }

    /** A link for a household that has none; returns its token, this once. */
    public Optional<String> makeIfNone(PracticeId practice, long household, Instant now) {
        return links.live(practice, household).isPresent() ? Optional.empty() : Optional.of(replace(practice, household, now));
    }

    /** A new link; the old one stops working at once. Returns its token, this once. */
    public String replace(PracticeId practice, long household, Instant now) {
        String token = Secret.fresh();
        events.publishEvent(new Audited(practice, links.live(practice, household).isPresent() ? Audited.What.LINK_REPLACED : Audited.What.LINK_MADE, household, "", now));
        keep(practice, household, token, now);
        return token;
    }

    /** Keeps a link with a token made elsewhere, for the demo whose links are printed. */
    public void keep(PracticeId practice, long household, String token, Instant now) {
        links.revoke(practice, household, now);
        links.insert(practice, household, Secret.hash(token), seal.close(token), now);
    }

    /** The household is closed: its link stops working, until {@link #resume}. */
    public void rest(PracticeId practice, long household, Instant now) {
        links.revoke(practice, household, now);
    }

    /** The link that stopped when the household was closed works again. */
    public void resume(PracticeId practice, long household, Instant closedAt) {
        links.resume(practice, household, closedAt);
    }

    /** The household's link stops working. */
    public void revoke(PracticeId practice, long household, Instant now) {
        events.publishEvent(new Audited(practice, Audited.What.LINK_STOPPED, household, "", now));
        links.revoke(practice, household, now);
    }
}

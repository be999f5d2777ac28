package cahier.app.sheet;

import cahier.app.account.PracticeId;
import cahier.app.web.NotFound;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Instant;
import java.util.Base64;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The long random address that is all an owner needs. Only its hash is kept, so it can be shown only when it is made. */
@Service
@Transactional
public class OwnerLinks {

    private static final int TOKEN_BYTES = 24;

    private final LinkMapper links;
    private final SecureRandom random = new SecureRandom();

    OwnerLinks(LinkMapper links) {
        this.links = links;
    }

    /** Whose link this is. */
    public record Owner(PracticeId practice, long householdId) {
    }

    /** The household of a link that has not been revoked, or the page for what does not exist. */
    public Owner find(String token) {
        byte[] hash = hash(token);
        links.announceLink(hash);
        return links.find(hash).map(r -> new Owner(r.practiceId(), r.householdId())).orElseThrow(() -> new NotFound("this link"));
    }

    /** When the household's link was made, if it has one. */
    public Optional<Instant> madeAt(PracticeId practice, long household) {
        return links.live(practice, household).map(LinkMapper.LinkRow::madeAt);
    }

    /** A link for a household that has none; returns its token, this once. */
    public Optional<String> makeIfNone(PracticeId practice, long household, Instant now) {
        return links.live(practice, household).isPresent() ? Optional.empty() : Optional.of(replace(practice, household, now));
    }

    /** A new link; the old one stops working at once. Returns its token, this once. */
    public String replace(PracticeId practice, long household, Instant now) {
        byte[] bytes = new byte[TOKEN_BYTES];
        random.nextBytes(bytes);
        String token = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        keep(practice, household, token, now);
        return token;
    }

    /** Keeps a link with a token made elsewhere, for the demo whose links are printed. */
    public void keep(PracticeId practice, long household, String token, Instant now) {
        links.revoke(practice, household, now);
        links.insert(practice, household, hash(token), now);
    }

    /** The household's link stops working. */
    public void revoke(PracticeId practice, long household, Instant now) {
        links.revoke(practice, household, now);
    }

    /** The token has 192 random bits, so a plain hash holds: there is nothing to guess from. */
    private static byte[] hash(String token) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}

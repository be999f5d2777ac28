package cahier.app.account;

import cahier.app.audit.Audited;
import cahier.app.scope.PracticeId;
import cahier.app.scope.PracticeScope;
import cahier.app.scope.Seal;
import cahier.app.scope.Secret;
import cahier.app.scope.TrainerUser;

import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.HexFormat;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Passwords of trainers: changed by who knows the old one, or with a word that opens this once. Such a word is sealed, is good for half an
 * hour, an invitation for a week, and names the password it replaces: with a new one it opens nothing any more.
 */
@Service
@Transactional
public class Credentials {

    public static final Duration GOOD_FOR = Duration.ofMinutes(30);
    public static final Duration INVITED_FOR = Duration.ofDays(7);
    private static final int PARTS = 4;
    private static final int MADE = 16;

    private final AccountMapper accounts;
    private final PasswordEncoder passwords;
    private final Seal seal;
    private final SignIns signIns;
    private final SecondFactors factors;
    private final ApplicationEventPublisher events;

    Credentials(AccountMapper accounts, PasswordEncoder passwords, Seal seal, SignIns signIns, SecondFactors factors, ApplicationEventPublisher events) {
        this.factors = factors;
        this.events = events;
        this.accounts = accounts;
        this.passwords = passwords;
        this.seal = seal;
        this.signIns = signIns;
    }

    /** A trainer came in. */
    void cameIn(TrainerUser me, String device, Instant now) {
        PracticeScope.within(me.practice(), () -> {
            accounts.announcePractice(me.practice());
            events.publishEvent(new Audited(me.practice(), Audited.What.SIGNED_IN, null, device, now));
            return me;
        });
    }

    /** Whether this is the trainer's password. */
    @Transactional(readOnly = true)
    public boolean knows(TrainerUser me, String typed) {
        return accounts.trainer(me.practice(), me.id()).filter(t -> passwords.matches(typed, t.passwordHash())).isPresent();
    }

    /** Another password, and every other sign-in of the trainer ends. */
    void change(TrainerUser me, String fresh, String thisSession, Instant now) {
        keep(me, fresh, thisSession, Audited.What.PASSWORD_CHANGED, now);
    }

    private void keep(TrainerUser me, String fresh, String thisSession, Audited.What how, Instant now) {
        events.publishEvent(new Audited(me.practice(), how, null, me.name(), now));
        accounts.keepPassword(me.practice(), me.id(), passwords.encode(fresh), now);
        signIns.endOthers(me, thisSession);
    }

    /** Whose address this is; before sign-in. */
    public Optional<TrainerUser> find(String email) {
        accounts.announceSignIn(email.strip());
        return accounts.findTrainer(email.strip()).map(this::user);
    }

    private TrainerUser user(AccountMapper.TrainerRow row) {
        accounts.announcePractice(row.practiceId());
        return row.of(accounts.practiceName(row.practiceId()));
    }

    /** The word for an address, from now on; empty where no trainer has it. */
    public Optional<String> word(String email, Instant now) {
        return find(email).map(t -> word(t, now.plus(GOOD_FOR)));
    }

    /** The word with which somebody who was invited chooses the first password; empty where nobody with this address is invited any more. */
    public Optional<String> invitation(String email, Instant now) {
        accounts.announceSignIn(email.strip());
        return accounts.findTrainer(email.strip()).filter(t -> t.joinedAt() == null).map(t -> word(user(t), now.plus(INVITED_FOR)));
    }

    private String word(TrainerUser t, Instant until) {
        return Base64.getUrlEncoder().withoutPadding().encodeToString(seal.close(t.practice() + " " + t.id() + " " + until.getEpochSecond() + " " + mark(t.passwordHash())));
    }

    private static String mark(String hash) {
        return HexFormat.of().formatHex(Secret.hash(hash));
    }

    /** Whom a word opens the account of; empty when it is too old, was used, or was never made here. */
    public Optional<TrainerUser> opened(String word, Instant now) {
        try {
            String[] parts = seal.open(Base64.getUrlDecoder().decode(word)).orElse("").split(" ");
            if (parts.length != PARTS || now.getEpochSecond() >= Long.parseLong(parts[2])) {
                return Optional.empty();
            }
            PracticeId practice = new PracticeId(Long.parseLong(parts[0]));
            accounts.announcePractice(practice);
            return accounts.trainer(practice, Long.parseLong(parts[1])).filter(t -> mark(t.passwordHash()).equals(parts[3])).map(this::user);
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    /** A password made here, for who runs the installation; every sign-in ends, and no code is asked for any more. Empty where no trainer has the address. */
    public Optional<String> made(String email, Instant now) {
        return find(email).map(t -> {
            String fresh = Secret.fresh().substring(0, MADE);
            keep(t, fresh, "", Audited.What.PASSWORD_BY_HAND, now);
            factors.off(t, now);
            return fresh;
        });
    }

    private boolean isNew(TrainerUser t) {
        return accounts.trainer(t.practice(), t.id()).filter(row -> row.joinedAt() == null).isPresent();
    }

    /** A new password for the trainer of this word, and every sign-in ends; false when the word opens nothing any more. */
    public boolean reset(String word, String fresh, Instant now) {
        Optional<TrainerUser> trainer = opened(word, now);
        trainer.ifPresent(t -> keep(t, fresh, "", isNew(t) ? Audited.What.JOINED : Audited.What.PASSWORD_BY_LINK, now));
        return trainer.isPresent();
    }
}

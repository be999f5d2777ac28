package cahier.app.brake;

import io.github.bucket4j.Bandwidth;
import io.github.bucket4j.BucketConfiguration;
import java.time.Duration;
import java.util.Arrays;

/** How much of one kind comes in before it has to wait. */
public enum Brake {

    /** Passwords tried for one account: five at once, then a minute, then a quarter of an hour, then hours. */
    SIGN_IN(at(5, Duration.ofMinutes(1)), at(10, Duration.ofMinutes(15)), at(20, Duration.ofHours(6))),
    /** Passwords tried from one address of the network, for any account. */
    SIGN_IN_FROM(at(20, Duration.ofMinutes(1)), at(100, Duration.ofHours(1))),
    /** Codes of a second factor, for one account. */
    SIGN_IN_CODE(at(5, Duration.ofMinutes(1)), at(10, Duration.ofMinutes(15)), at(20, Duration.ofHours(6))),
    /** Links for a lost password, for one account. */
    LOST_PASSWORD(at(3, Duration.ofHours(1))),
    /** The same from one address of the network. */
    LOST_PASSWORD_FROM(at(20, Duration.ofHours(1))),
    /** Invitations of a practice. */
    INVITATIONS(at(30, Duration.ofDays(1))),
    /** Tokens of the first run. */
    FIRST_RUN(at(10, Duration.ofHours(1))),
    /** Links that lead nowhere, from one address of the network. */
    LINK(at(100, Duration.ofHours(1))),
    /** Reps of a household; a phone that was a week without signal has a few hundred. */
    REPS(at(5_000, Duration.ofDays(2))),
    /** Whatever else a phone logs: what was met, departures, touches, taps of a watching, what is said of a rep. */
    LOGGED(at(4_000, Duration.ofDays(2))),
    QUESTIONS(at(20, Duration.ofDays(1))),
    INCIDENTS(at(50, Duration.ofDays(1))),
    /** Stop and call has room of its own. */
    ALARMS(at(30, Duration.ofDays(1))),
    /** Weeks, hours and calendars that an owner sends: each is planned anew. */
    PLANS(at(60, Duration.ofHours(1))),
    /** Copies of everything that an owner takes: each is written anew. */
    COPIES(at(5, Duration.ofHours(1)));

    private static final int TOGETHER = 100;
    private final BucketConfiguration configuration;

    Brake(Bandwidth... bandwidths) {
        var builder = BucketConfiguration.builder();
        Arrays.stream(bandwidths).forEach(builder::addLimit);
        this.configuration = builder.build();
    }

    /** So many at once, and as many again in that time, evenly. */
    private static Bandwidth at(long most, Duration per) {
        return Bandwidth.builder().capacity(most).refillGreedy(most, per).build();
    }

    BucketConfiguration configuration() {
        return configuration;
    }

    /** How many are taken from the database together: of what comes by thousands nobody minds a hundred, of a password every one counts. */
    int together() {
        return this == REPS || this == LOGGED ? TOGETHER : 1;
    }
}

package cahier.app.brake;

import io.github.bucket4j.ConsumptionProbe;
import io.github.bucket4j.TimeMeter;
import io.github.bucket4j.distributed.BucketProxy;
import io.github.bucket4j.distributed.ExpirationAfterWriteStrategy;
import io.github.bucket4j.distributed.jdbc.PrimaryKeyMapper;
import io.github.bucket4j.postgresql.Bucket4jPostgreSQL;
import io.github.bucket4j.postgresql.PostgreSQLSelectForUpdateBasedProxyManager;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.time.Duration;
import java.util.Collections;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Holds back what comes too fast ({@link Brake}). How much somebody has sent stands in the database, so that all instances agree; asked in a
 * connection of its own, never within a transaction.
 */
@Component
public class Brakes {

    private static final Duration PATIENCE = Duration.ofSeconds(5);
    private static final int REMEMBERED = 10_000;
    private static final int SWEPT = 1_000;

    private final PostgreSQLSelectForUpdateBasedProxyManager<String> kept;
    /** What was taken from the database beforehand and is not used yet; of who has been away for long it is forgotten. */
    private final Map<String, Long> inHand = Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {

        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Long> eldest) {
            return size() > REMEMBERED;
        }
    });

    Brakes(DataSource database, Clock clock) {
        this.kept = Bucket4jPostgreSQL.selectForUpdateBasedBuilder(database).primaryKeyMapper(PrimaryKeyMapper.STRING).table("brake").idColumn("id").stateColumn("state").expiresAtColumn("expires_at")
                .clientClock(new WallClock(clock)).requestTimeout(PATIENCE).expirationAfterWrite(ExpirationAfterWriteStrategy.basedOnTimeForRefillingBucketUpToMax(Duration.ofHours(1))).build();
    }

    /** The application's clock; what it says is compared between instances. */
    private record WallClock(Clock clock) implements TimeMeter {

        @Override
        public long currentTimeNanos() {
            return TimeUnit.MILLISECONDS.toNanos(clock.millis());
        }

        @Override
        public boolean isWallClockBased() {
            return true;
        }
    }

    /**
     * Takes so many of one kind.
     *
     * @param of whose they are: an account, an address of the network, a household
     * @return how long to wait where there is no room for them; then none was taken
     */
    public Optional<Duration> take(Brake brake, String of, long many) {
        String key = brake + "-" + digest(of);
        if (many <= 0 || isInHand(key, many)) {
            return Optional.empty();
        }
        long together = Math.max(many, brake.together());
        Optional<Duration> wait = ask(brake, key, together);
        if (wait.isEmpty() && together > many) {
            inHand.merge(key, together - many, Long::sum);
        }
        return wait.isPresent() && together > many ? ask(brake, key, many) : wait;
    }

    private boolean isInHand(String key, long many) {
        long[] left = {-1};
        inHand.computeIfPresent(key, (k, has) -> {
            left[0] = has - many;
            return left[0] > 0 ? Long.valueOf(left[0]) : left[0] == 0 ? null : has;
        });
        return left[0] >= 0;
    }

    private Optional<Duration> ask(Brake brake, String key, long many) {
        ConsumptionProbe probe = bucket(brake, key).tryConsumeAndReturnRemaining(many);
        return probe.isConsumed() ? Optional.empty() : Optional.of(Duration.ofNanos(probe.getNanosToWaitForRefill()));
    }

    /** The same for one. */
    public Optional<Duration> take(Brake brake, String of) {
        return take(brake, of, 1);
    }

    /** @throws TooMuch where there is no room for them */
    public void hold(Brake brake, String of, long many) {
        take(brake, of, many).ifPresent(wait -> {
            throw new TooMuch(wait);
        });
    }

    /** Puts one back: it was none of those that are counted. */
    public void giveBack(Brake brake, String of) {
        bucket(brake, brake + "-" + digest(of)).addTokens(1);
    }

    private BucketProxy bucket(Brake brake, String key) {
        return kept.builder().build(key, brake::configuration);
    }

    /** Nobody reads from a row whose it is. */
    private static String digest(String of) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(of.getBytes(StandardCharsets.UTF_8)), 0, 16);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /** What has filled up again need not be remembered. */
    @Scheduled(initialDelay = 1, fixedDelay = 60, timeUnit = TimeUnit.MINUTES)
    void sweep() {
        int gone = SWEPT;
        while (gone == SWEPT) {
            gone = kept.removeExpired(SWEPT);
        }
    }
}

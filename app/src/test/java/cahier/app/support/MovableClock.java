package cahier.app.support;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Consumer;

/** Runs like any clock, from noon of the day on which the tests run; a test can let days pass. */
public final class MovableClock extends Clock {

    private static final Duration TO_NOON = Duration.between(Instant.now(), Instant.now().truncatedTo(ChronoUnit.DAYS).plus(12, ChronoUnit.HOURS));
    private final List<Consumer<Duration>> followers = new CopyOnWriteArrayList<>();
    private volatile Duration offset = TO_NOON;

    public void reset() {
        move(TO_NOON);
    }

    public void pass(Duration time) {
        move(offset.plus(time));
    }

    private void move(Duration other) {
        offset = other;
        followers.forEach(f -> f.accept(other));
    }

    /** Whoever keeps a clock of its own, as a browser does, hears how far this one is ahead of the machine's, now and whenever that changes. */
    public Runnable tell(Consumer<Duration> follower) {
        followers.add(follower);
        follower.accept(offset);
        return () -> followers.remove(follower);
    }

    @Override
    public Instant instant() {
        return Instant.now().plus(offset);
    }

    @Override
    public ZoneId getZone() {
        return ZoneOffset.UTC;
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return Clock.offset(Clock.system(zone), offset);
    }
}

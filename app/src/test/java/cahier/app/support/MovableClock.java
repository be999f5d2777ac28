package cahier.app.support;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;

/** Runs like any clock, from noon of the day on which the tests run; a test can let days pass. */
public final class MovableClock extends Clock {

    private static final Duration TO_NOON = Duration.between(Instant.now(), Instant.now().truncatedTo(ChronoUnit.DAYS).plus(12, ChronoUnit.HOURS));
    private volatile Duration offset = TO_NOON;

    public void reset() {
        offset = TO_NOON;
    }

    public void pass(Duration time) {
        offset = offset.plus(time);
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

package cahier.app.outbox;

import java.time.Duration;
import java.util.List;
import java.util.Optional;

/** How long a mail waits after each try that failed; after the last it is the trainer's. Together a good day. */
final class BackOff {

    private static final List<Duration> WAITS = List.of(Duration.ofMinutes(1), Duration.ofMinutes(5), Duration.ofMinutes(15), Duration.ofHours(1),
            Duration.ofHours(4), Duration.ofHours(8), Duration.ofHours(12));

    private BackOff() {
    }

    /** @param tries failed so far, 1 or more; empty when it is not tried again by itself */
    static Optional<Duration> after(int tries) {
        return tries <= WAITS.size() ? Optional.of(WAITS.get(tries - 1)) : Optional.empty();
    }
}

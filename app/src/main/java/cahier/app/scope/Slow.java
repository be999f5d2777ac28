package cahier.app.scope;

import java.time.Duration;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Says which question to the database took long, by its name in the mappers: never what was asked with it. */
@Component
public class Slow {

    private static final Logger LOG = LoggerFactory.getLogger(Slow.class);

    private final Duration slow;

    /** @param slowMs longer than this is long, in milliseconds */
    public Slow(@Value("${cahier.slow-ms}") long slowMs) {
        this.slow = Duration.ofMillis(slowMs);
    }

    /**
     * Says it, where it took long.
     *
     * @param began by {@link System#nanoTime()}
     */
    public void since(long began, Supplier<String> question) {
        Duration took = Duration.ofNanos(System.nanoTime() - began);
        if (took.compareTo(slow) > 0) {
            LOG.warn("{} took {} ms", question.get(), took.toMillis());
        }
    }
}

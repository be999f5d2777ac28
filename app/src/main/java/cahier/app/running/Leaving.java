package cahier.app.running;

import java.time.Duration;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/**
 * An instance that stops says so first: {@code /health/readiness} answers 503, and it goes on working for as long as a balancer needs to notice. Only then does it take nothing new
 * and end what it is at.
 */
@Component
class Leaving implements SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(Leaving.class);

    private final Duration notice;
    private volatile boolean running;

    Leaving(@Value("${cahier.leaving-ms}") long ms) {
        this.notice = Duration.ofMillis(ms);
    }

    @Override
    public void start() {
        running = true;
    }

    /** Before the web server stops, whose phase is lower; that readiness is over was said already. */
    @Override
    public void stop() {
        running = false;
        try {
            Thread.sleep(notice.toMillis());
        } catch (InterruptedException e) {
            LOG.info("stopped without waiting");
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public boolean isRunning() {
        return running;
    }
}

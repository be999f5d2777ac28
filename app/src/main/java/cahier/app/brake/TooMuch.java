package cahier.app.brake;

import cahier.app.language.Words;
import java.time.Duration;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.ResponseStatus;

/** More was sent than is taken at once. Nothing of it was kept, and it can be sent again later. */
@ResponseStatus(HttpStatus.TOO_MANY_REQUESTS)
public class TooMuch extends RuntimeException {

    private static final long serialVersionUID = 1L;
    private static final int MINUTE = 60;
    private static final int HOUR = 3600;

    private final Duration wait;

    public TooMuch(Duration wait) {
        super(Words.say("brake.TooMuch.too-much-at-once-it", words(wait)));
        this.wait = wait;
    }

    /** Whole seconds, at least 1: as Retry-After says it. */
    public long seconds() {
        return Math.max(1, wait.plusMillis(999).toSeconds());
    }

    /** "a minute", "12 minutes", "3 hours". */
    public static String words(Duration wait) {
        long minutes = (wait.toSeconds() + MINUTE - 1) / MINUTE;
        long hours = (wait.toSeconds() + HOUR - 1) / HOUR;
        return minutes <= 1 ? Words.say("brake.TooMuch.a-minute") : minutes <= MINUTE ? Words.say("brake.TooMuch.minutes", minutes) : Words.say("brake.TooMuch.hours", hours);
    }
}

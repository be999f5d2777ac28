package cahier.core.pay;

import java.time.Duration;
import java.util.OptionalDouble;

/**
 * How often the lead went on, and how often that was the end of the outing (docs/rules.md 13).
 *
 * @param on times the lead went on, 0 or more
 * @param home of them, followed by going home; at most on
 */
public record LeadClips(int on, int home) {

    /** How far back they are counted. */
    public static final Duration COUNTED = Duration.ofDays(30);
    /** Above this share the lead has come to mean the end. */
    public static final double MOST = 0.2;

    public LeadClips {
        if (on < 0 || home < 0 || home > on) {
            throw new IllegalArgumentException("home must be from 0 to on, were home " + home + " and on " + on);
        }
    }

    /** The share that ended the outing, 0 to 1; empty when the lead never went on. */
    public OptionalDouble share() {
        return on == 0 ? OptionalDouble.empty() : OptionalDouble.of((double) home / on);
    }

    /** Whether the dog has reason to think that the lead means the end. */
    public boolean meansTheEnd() {
        return share().orElse(0) > MOST;
    }

    /** How many more times it goes on and off again before it does not. */
    int moreToMend() {
        return Math.max(0, (int) Math.ceil(home / MOST) - on);
    }
}

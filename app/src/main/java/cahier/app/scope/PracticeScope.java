package cahier.app.scope;

import java.util.Optional;
import java.util.function.Supplier;

/**
 * The practice this thread works for. Transactions begun inside see that practice's rows and no others; outside they see none
 * (row-level security, see the migrations).
 */
public final class PracticeScope {

    private static final ThreadLocal<PracticeId> CURRENT = new ThreadLocal<>();

    private PracticeScope() {
    }

    /** The practice of this thread, if it works for one. */
    public static Optional<PracticeId> current() {
        return Optional.ofNullable(CURRENT.get());
    }

    /** Works for this practice until closed, then for the one before, if any. Transactions that run already are not affected. */
    public static Closing enter(PracticeId practice) {
        PracticeId before = CURRENT.get();
        CURRENT.set(practice);
        return () -> {
            if (before == null) {
                CURRENT.remove();
            } else {
                CURRENT.set(before);
            }
        };
    }

    /** Does the work for a practice. */
    public static <T> T within(PracticeId practice, Supplier<T> work) {
        try (Closing scope = enter(practice)) {
            return work.get();
        }
    }

    /** Ends the scope; throws nothing. */
    @FunctionalInterface
    public interface Closing extends AutoCloseable {
        @Override
        void close();
    }
}

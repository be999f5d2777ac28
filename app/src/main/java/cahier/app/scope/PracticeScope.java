package cahier.app.scope;

import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * The practice this thread works for. Transactions begun inside see that practice's rows and no others; outside they see none
 * (row-level security, see the migrations).
 */
public final class PracticeScope {

    /** @param trainer who is signed in; none where the application works by itself or for an owner */
    private record Work(PracticeId practice, @Nullable TrainerUser trainer) {
    }

    private static final ThreadLocal<Work> CURRENT = new ThreadLocal<>();

    private PracticeScope() {
    }

    /** The practice of this thread, if it works for one. */
    public static Optional<PracticeId> current() {
        return Optional.ofNullable(CURRENT.get()).map(Work::practice);
    }

    /** The trainer it works for, where one is signed in. */
    static Optional<TrainerUser> trainer() {
        return Optional.ofNullable(CURRENT.get()).map(Work::trainer);
    }

    /** Works for this practice until closed, then for the one before, if any. Transactions that run already are not affected. */
    public static Closing enter(PracticeId practice) {
        return enter(new Work(practice, null));
    }

    /** The same for a signed-in trainer: no transaction begins any more once they have left the practice or may do something else. */
    public static Closing enter(TrainerUser trainer) {
        return enter(new Work(trainer.practice(), trainer));
    }

    private static Closing enter(Work work) {
        Work before = CURRENT.get();
        CURRENT.set(work);
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

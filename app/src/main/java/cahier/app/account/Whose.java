package cahier.app.account;

import org.jspecify.annotations.Nullable;

/**
 * Whose households and lessons a list shows.
 *
 * @param several whether the practice has more than one trainer, so that there is something to choose
 * @param trainer who gives the lessons of the list; none for all lessons. A lesson that is nobody's in particular is everybody's
 * @param trainers whose households it shows, {@link cahier.app.scope.Ids}: the trainer's and of those the trainer stands in for; none for all. A shared one is everybody's
 */
public record Whose(boolean several, @Nullable Long trainer, @Nullable String trainers) {

    /** Of all trainers of the practice. */
    public static final Whose ALL = new Whose(false, null, null);

    public boolean isAll() {
        return trainer == null;
    }

    /** What an address of such a list ends with. */
    public @Nullable String inAddress() {
        return several && isAll() ? "all" : null;
    }
}

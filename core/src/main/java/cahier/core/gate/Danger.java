package cahier.core.gate;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Something to take out of the way before anything is trained (docs/rules.md 30). */
public enum Danger {

    /** Two dogs on one lead, or worked together: one lead each, one dog at a time. */
    UNCOUPLE,
    /** A long line goes on a harness, never on a collar. */
    HARNESS_FOR_LINE,
    /** Something the dog fears passes in sight: a screen, or another place. */
    SCREEN,
    /** A dog that chases: fence or long line, off lead only where it is enclosed. */
    FENCE,
    /** Not left longer than it can bear; a sitter bridges. */
    NOT_ALONE,
    /** An adult in the room whenever a child is with the dog. */
    SUPERVISE_CHILDREN,
    /** A closed door between the dog and whom it threatened. */
    APART;

    /**
     * What the list is made from.
     *
     * @param dogs how many live there, 0 or more
     * @param children whether someone under 18 lives there
     * @param longLine whether they use one
     * @param harness whether the dog has one
     * @param movers what moves the dogs, over all complaints
     * @param topics what the complaints are about
     * @param flags red flags that stand, over all dogs
     */
    public record Home(int dogs, boolean children, boolean longLine, boolean harness, Set<Mover> movers, Set<Topic> topics, Set<RedFlag> flags) {

        public Home {
            if (dogs < 0) {
                throw new IllegalArgumentException("dogs must be 0 or more, was " + dogs);
            }
            movers = copy(movers, Mover.class);
            topics = copy(topics, Topic.class);
            flags = copy(flags, RedFlag.class);
        }

        private static <E extends Enum<E>> Set<E> copy(Collection<E> given, Class<E> type) {
            Set<E> copy = EnumSet.noneOf(type);
            copy.addAll(given);
            return Set.copyOf(copy);
        }
    }

    /** What must be seen to today, the most urgent first. */
    public static List<Danger> of(Home home) {
        List<Danger> found = new ArrayList<>();
        add(found, APART, home.flags().contains(RedFlag.BITE) || home.flags().contains(RedFlag.CHILD_THREATENED));
        add(found, SUPERVISE_CHILDREN, home.children() && home.dogs() > 0);
        add(found, NOT_ALONE, home.topics().contains(Topic.ALONE) || home.flags().contains(RedFlag.PANIC_ALONE) || home.flags().contains(RedFlag.SELF_INJURY));
        add(found, UNCOUPLE, home.dogs() > 1);
        add(found, HARNESS_FOR_LINE, home.longLine() && !home.harness());
        add(found, FENCE, home.movers().contains(Mover.CHASING));
        add(found, SCREEN, home.movers().contains(Mover.AFRAID) || home.movers().contains(Mover.STARTLED));
        return List.copyOf(found);
    }

    private static void add(List<Danger> found, Danger danger, boolean holds) {
        if (holds) {
            found.add(danger);
        }
    }
}

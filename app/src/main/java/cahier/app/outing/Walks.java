package cahier.app.outing;

import cahier.app.household.Dog;
import cahier.core.exposure.OutAndBack;
import java.util.List;
import java.util.OptionalInt;

/**
 * One dog's walks out and back.
 *
 * @param latest newest first
 */
public record Walks(Dog dog, List<Outing> latest) {

    /** What comes next; a dog that has not been out begins with the first few paces. */
    public OutAndBack next() {
        if (latest.isEmpty()) {
            return OutAndBack.after(0, OptionalInt.empty());
        }
        Outing last = latest.get(0);
        return OutAndBack.after(last.calmPaces(), last.roundPaces() == null ? OptionalInt.empty() : OptionalInt.of(last.roundPaces()));
    }

    /** "Next: the known 40 paces out and home, then 45." */
    public String says() {
        OutAndBack next = next();
        if (next.round()) {
            return "Next: the round. More than half of it was calm.";
        }
        return next.known() == 0 ? "Next: " + next.next() + " paces from the door, and home." : "Next: the known " + next.known() + " paces out and home, then " + next.next() + ".";
    }
}

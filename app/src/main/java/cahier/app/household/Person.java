package cahier.app.household;

import org.jspecify.annotations.Nullable;

/** Someone who practises with the dog; a child may log under its own name. */
public record Person(long id, String name, @Nullable Integer age, String note, int version) {

    /** Under this age the word stands beside the name, so that nobody forgets to supervise. */
    private static final int GROWN_UP = 18;

    /** "Noor (9)", for grown-ups the name alone. */
    public String called() {
        return age == null || age >= GROWN_UP ? name : name + " (" + age + ")";
    }
}

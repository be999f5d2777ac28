package cahier.app.household;

import org.jspecify.annotations.Nullable;

/**
 * Someone who practises with the dog; a child may log under its own name.
 *
 * @param mayHandle whether this person may practise; others are not offered on the owner's page
 * @param confident whether this person handles the dog without worry
 * @param email where mail to this person goes; empty when none does
 * @param paceCm length of one pace in centimetres, if it was measured
 */
public record Person(long id, String name, @Nullable Integer age, boolean mayHandle, boolean confident, @Nullable Integer paceCm, String note,
                     String email, int version) {

    /** Someone of whom only the name is known. */
    public static Person named(String name) {
        return new Person(0, name, null, true, false, null, "", "", 0);
    }

    /** Under this age the word stands beside the name, so that nobody forgets to supervise. */
    private static final int GROWN_UP = 18;

    /** Under 18, so that an adult must be in the room. */
    public boolean isChild() {
        return age != null && age < GROWN_UP;
    }

    /** "Noor (9)", for grown-ups the name alone. */
    public String called() {
        return isChild() ? name + " (" + age + ")" : name;
    }
}

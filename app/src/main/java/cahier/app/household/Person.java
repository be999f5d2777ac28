package cahier.app.household;

import cahier.app.web.Phones;
import cahier.core.rest.Handler;
import org.jspecify.annotations.Nullable;

/**
 * Someone who practises with the dog; a child may log under its own name.
 *
 * @param mayHandle whether this person may practise; others are not offered on the owner's page
 * @param confident whether this person handles the dog without worry
 * @param email where mail to this person goes; empty when none does
 * @param phone as it is kept, +442079460123; empty when there is none
 * @param adultId who is usually there when this person, under 16, practises
 * @param consented whether an adult agreed that this child's name is kept; says nothing of grown-ups
 * @param paceCm length of one pace in centimetres, if it was measured
 */
public record Person(long id, String name, @Nullable Integer age, boolean mayHandle, boolean confident, @Nullable Integer paceCm, String note,
                     String email, String phone, @Nullable Long adultId, boolean consented, int version) {

    /** Someone of whom only the name is known. */
    public static Person named(String name) {
        return of(name, null, true, "", "");
    }

    /** Someone who is not kept yet. */
    public static Person of(String name, @Nullable Integer age, boolean mayHandle, String note, String email) {
        return new Person(0, name, age, mayHandle, false, null, note, email, "", null, false, 0);
    }

    /** The same with a telephone, and with whom they practise. */
    public Person reached(String telephone, @Nullable Long adult) {
        return new Person(id, name, age, mayHandle, confident, paceCm, note, email, telephone, adult, consented, version);
    }

    /** The same with the consent of an adult, for a child. */
    public Person agreed() {
        return new Person(id, name, age, mayHandle, confident, paceCm, note, email, phone, adultId, true, version);
    }

    /** Under 18, so that an adult must be in the room. */
    public boolean isChild() {
        return !Handler.isAdult(age);
    }

    /** Under 16: practises only while a named adult is there (docs/rules.md 38). */
    public boolean needsAdult() {
        return Handler.needsAdult(age);
    }

    /** "Noor (9)", for grown-ups the name alone. */
    public String called() {
        return isChild() ? name + " (" + age + ")" : name;
    }

    /** "+44 20 7946 0123", empty when there is none. */
    public String phoneShown() {
        return Phones.shown(phone);
    }
}

package cahier.core.rest;

import org.jspecify.annotations.Nullable;

/** Who would practise, as far as the rules ask (docs/rules.md 38). */
public enum Handler {

    /** Nobody is named: the question is asked for the household. */
    ANYONE,
    GROWN_UP,
    /** Under {@link #ALONE_FROM}, and a named adult is there. */
    CHILD_WITH_ADULT,
    /** Under {@link #ALONE_FROM}, and nobody said that an adult is there. */
    CHILD_ALONE;

    /** From this age on, in years, somebody practises without a named adult. */
    public static final int ALONE_FROM = 16;
    /** From this age on, in years, somebody can be the adult of a child. */
    public static final int ADULT_FROM = 18;

    /** Whether somebody of this age practises only with a named adult; a grown-up where no age is known. */
    public static boolean needsAdult(@Nullable Integer age) {
        return age != null && age < ALONE_FROM;
    }

    /** Whether somebody of this age can be that adult; a grown-up where no age is known. */
    public static boolean isAdult(@Nullable Integer age) {
        return age == null || age >= ADULT_FROM;
    }

    /**
     * Somebody of this age.
     *
     * @param age in years, where it is known
     * @param withAdult whether an adult of the household is named
     */
    public static Handler of(@Nullable Integer age, boolean withAdult) {
        if (!needsAdult(age)) {
            return GROWN_UP;
        }
        return withAdult ? CHILD_WITH_ADULT : CHILD_ALONE;
    }

    boolean isChild() {
        return this == CHILD_WITH_ADULT || this == CHILD_ALONE;
    }
}

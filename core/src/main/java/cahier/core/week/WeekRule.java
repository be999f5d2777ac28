package cahier.core.week;

import java.util.Arrays;

/** The rules of a week (docs/rules.md 17). A hard one is broken only by what a person pinned. */
public enum WeekRule {

    PERSON_FREE(true), ONE_HANDLER(true), COMPANY(true), ADULT(true), ONE_DOG(true), REST(true), ONCE(true), LIMIT(true), APART(true), HEAT(true), DOSE(true), MINUTES(true),
    LEFT_OUT(false), SPREAD(false), TURN(false), CALM(false), HARDEST(false), SURE_HAND(false), BUSY(false), SITTINGS(false), STEADY(false);

    private final boolean hard;

    WeekRule(boolean hard) {
        this.hard = hard;
    }

    /** Whether a plan that breaks it is none. */
    public boolean isHard() {
        return hard;
    }

    static WeekRule of(String name) {
        return Arrays.stream(values()).filter(r -> r.name().equals(name)).findFirst().orElseThrow(() -> new IllegalArgumentException("a rule must be one of " + Arrays.toString(values()) + ", was " + name));
    }
}

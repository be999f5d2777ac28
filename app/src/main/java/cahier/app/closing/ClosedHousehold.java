package cahier.app.closing;

import cahier.app.language.Words;

/** Something was to be changed of a household that is closed. */
class ClosedHousehold extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final long household;

    ClosedHousehold(long household) {
        super(Words.say("closing.ClosedHousehold.household-is-closed", household));
        this.household = household;
    }

    long household() {
        return household;
    }
}

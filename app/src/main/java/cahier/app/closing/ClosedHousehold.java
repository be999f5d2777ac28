package cahier.app.closing;

/** Something was to be changed of a household that is closed. */
class ClosedHousehold extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final long household;

    ClosedHousehold(long household) {
        super("household " + household + " is closed");
        this.household = household;
    }

    long household() {
        return household;
    }
}

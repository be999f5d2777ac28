package cahier.core.rest;

/** What keeps a step from being practised as it is (docs/rules.md 38). {@link Permit} names the weightiest first: what rests it before what makes it easier. */
public enum Why {

    /** An alarm of this dog is open. */
    ALARM(Scope.STANDING),
    /** A red flag shuts what it is about. */
    RED_FLAG(Scope.STANDING),
    /** The trainer has rested it. */
    RESTED(Scope.STANDING),
    /** The alarm is answered; what comes next with this track is not decided. */
    UNDECIDED(Scope.STANDING),
    /** Too much, and the trainer has not answered: the step below, on the first step nothing. */
    TOO_MUCH(Scope.STANDING),
    /** It rests until a day. */
    PARKED(Scope.STANDING),
    /** It waits for another track. */
    WAITS(Scope.STANDING),
    /** The dog stands lower than the sheet says: the step it stands on. */
    PUT_LOWER(Scope.STANDING),
    /** It was too much today: no more of this until tomorrow. */
    STOPPED_TODAY(Scope.MOMENT),
    /** Too hot outdoors at this hour. */
    HEAT(Scope.MOMENT),
    /** Not for anyone under 16. */
    GROWN_UPS_ONLY(Scope.PERSON),
    /** A named adult must be there. */
    ADULT_MISSING(Scope.PERSON);

    private enum Scope { STANDING, MOMENT, PERSON }

    private final Scope scope;

    Why(Scope scope) {
        this.scope = scope;
    }

    /** Whether it passes by itself within the day, so that a sheet for days to come does not ask. */
    boolean isOfTheMoment() {
        return scope == Scope.MOMENT;
    }

    /** Whether it is about who practises: somebody else may. */
    boolean isOfThePerson() {
        return scope == Scope.PERSON;
    }
}

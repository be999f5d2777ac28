package cahier.app.rest;

/** For when it is asked. */
public enum Moment {
    /** This hour: a day's stop and the heat count. */
    NOW,
    /** The days to come, as a sheet or a week asks. */
    DAYS
}

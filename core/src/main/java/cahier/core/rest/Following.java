package cahier.core.rest;

/** What the sheet that is out does when the plan has changed under it (docs/rules.md 38): it follows down at once, and up only where that is asked for. */
public enum Following {

    /** It stands as it is. */
    STANDS,
    /** A sheet follows with the step the dog stands on. */
    MOVES,
    /** A sheet follows on which the track rests. */
    RESTS;

    /**
     * What it does.
     *
     * @param permit the answer for the step the sheet asks for, for the days to come
     * @param asked 0-based index of that step
     * @param standing 0-based index of the step the dog stands on
     * @param up whether it follows upwards too, as where the owner may move on
     */
    public static Following of(Permit permit, int asked, int standing, boolean up) {
        if (!permit.isPractised()) {
            return RESTS;
        }
        return standing < asked || up && standing > asked ? MOVES : STANDS;
    }
}

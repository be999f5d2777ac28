package cahier.app.household;

/** What a page shows of one household. */
public interface AboutHousehold {

    Household household();
}

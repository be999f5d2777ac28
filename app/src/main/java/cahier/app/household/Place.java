package cahier.app.household;

/**
 * Where practice happens.
 *
 * @param difficulty 0 easiest to 5 hardest, as the trainer sees it
 */
public record Place(long id, String name, int difficulty, String note, int version) {
}

package cahier.app.household;

/** A word the household has agreed on, and the one action it stands for. */
public record Word(long id, String word, String meaning, int version) {
}

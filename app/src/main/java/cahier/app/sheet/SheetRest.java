package cahier.app.sheet;

/**
 * One track that rests, as a sheet says it.
 *
 * @param why in a sentence
 */
public record SheetRest(long trackId, String trackTitle, String dogName, String why) {
}

package cahier.app.roadmap;

/**
 * A track that another is kept apart from.
 *
 * @param still whether it is still so: not both of them hold 8 of their last 10
 */
public record Apart(long trackId, String title, boolean still) {
}

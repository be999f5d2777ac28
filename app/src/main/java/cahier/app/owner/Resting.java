package cahier.app.owner;

import java.util.List;
import java.util.Optional;

/**
 * What stands where a step or a kind of work is not practised now.
 *
 * @param title of the track or the work
 * @param why in a sentence
 * @param instead another step of the same track that is practised
 * @param others what else there is to do today
 */
record Resting(String title, String dog, String why, Optional<Today.Task> instead, List<Today.Task> others) {
}

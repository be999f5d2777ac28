package cahier.app.exchange;

import java.util.List;

/**
 * The tracks of one dog of a file, before they are added.
 *
 * @param dog its name in the file
 * @param usual the household's dog who gets them unless it is said otherwise: the one of that name, or the only one where the file is about one dog alone; 0 where it must be said
 * @param tracks titles, in the file's order
 * @param lacks what a step asks for and this household does not have, a sentence a track
 */
record Arrival(String dog, long usual, List<String> tracks, List<String> lacks) {
}

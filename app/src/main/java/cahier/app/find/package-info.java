/** One field that finds people, places, words, tracks and what was noted, by any part of it. Front door: {@link cahier.app.find.Finds}. */
@NullMarked
package cahier.app.find;

import org.jspecify.annotations.NullMarked;

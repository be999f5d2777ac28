/**
 * The book of one household: margin and page, its facts as loose leaves, its tracks and their steps.
 * Front doors: {@link cahier.app.book.BookController} and {@link cahier.app.book.TrackController}.
 */
@NullMarked
package cahier.app.book;

import org.jspecify.annotations.NullMarked;

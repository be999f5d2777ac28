/**
 * Templates a track can start from, those that ship and a practice's own, and their open format.
 * Front doors: {@link cahier.app.shelf.Templates}, {@link cahier.app.shelf.Template} and {@link cahier.app.shelf.TemplateFile}.
 */
@NullMarked
package cahier.app.shelf;

import org.jspecify.annotations.NullMarked;

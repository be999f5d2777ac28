/**
 * What all pages share: refusals and their pages, form checks, measures at the edge, the theme.
 * Front doors: {@link cahier.app.web.Check} and {@link cahier.app.web.NotFound}.
 */
@NullMarked
package cahier.app.web;

import org.jspecify.annotations.NullMarked;

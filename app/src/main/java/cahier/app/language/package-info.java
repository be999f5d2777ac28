/** What Cahier says, by key, from bundles that a translator can read (docs/decisions/0042-words-in-bundles.md). Front door: {@link cahier.app.language.Words}. */
@NullMarked
package cahier.app.language;

import org.jspecify.annotations.NullMarked;

/** The household's words, and which of them a dog cannot tell apart (docs/rules.md 16). Front door: {@link cahier.core.words.Clashes}. */
@NullMarked
package cahier.core.words;

import org.jspecify.annotations.NullMarked;

/** What all templates have in common on the side of Java: the vocabulary they may call. Front door: {@link cahier.app.pages.Vocabulary}. */
@NullMarked
package cahier.app.pages;

import org.jspecify.annotations.NullMarked;

package cahier.app.judge;

import cahier.app.draw.Glyph;

/**
 * Something the software noticed beside the suggestion; it decides nothing.
 *
 * @param verdict four words at most
 * @param says the figures behind it
 */
record Hint(Glyph glyph, String verdict, String says) {
}

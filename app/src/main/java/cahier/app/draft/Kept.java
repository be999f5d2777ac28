package cahier.app.draft;

import java.time.Instant;

/**
 * A field as somebody typed it.
 *
 * @param form the address the form is sent to
 * @param device made up by the browser, only told apart
 */
public record Kept(String form, String field, String words, String device, Instant typedAt) {
}

/**
 * Tracks, their steps, and which step the dog is on.
 * Front doors: {@link cahier.app.track.Tracks} and {@link cahier.app.track.TrackSteps}.
 */
@NullMarked
package cahier.app.track;

import org.jspecify.annotations.NullMarked;

/** What a practice says of itself, usually does, and keeps for how long; each with what it changes. */
@NullMarked
package cahier.app.settings;

import org.jspecify.annotations.NullMarked;

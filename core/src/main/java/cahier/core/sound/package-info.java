/** Finds where a dog is heard in a recording (docs/rules.md 14). Front doors: {@link cahier.core.sound.SoundLevels} and {@link cahier.core.sound.HeardSpells}. */
@NullMarked
package cahier.core.sound;

import org.jspecify.annotations.NullMarked;

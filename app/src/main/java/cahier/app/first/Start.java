package cahier.app.first;

import cahier.app.language.Words;

/**
 * Where a track may start because of what a baseline found (docs/rules.md 31).
 *
 * @param at 0-based, past the first
 * @param by "first working distance, dog: 12 m (39 ft)"
 */
public record Start(int at, String by) {

    /** "Starts at step 7, by the first working distance, dog: 12 m (39 ft)." */
    public String words() {
        return Words.say("first.Start.starts-at-step-by-the", (at + 1), by);
    }
}

package cahier.app.roadmap;

import cahier.app.language.Words;

/**
 * One need in words that can be shown.
 *
 * @param id the need's
 * @param number from 1, of the step that waits
 * @param firstNumber from 1, of the step that must be passed
 * @param met whether it is passed
 */
public record Wait(long id, long trackId, int number, String title, long firstTrackId, String firstTrack, int firstNumber, String firstTitle, boolean met) {

    /** "Attention, step 7: At the open door". */
    public String forWhat() {
        return Words.say("roadmap.Wait.step", firstTrack, firstNumber, firstTitle);
    }
}

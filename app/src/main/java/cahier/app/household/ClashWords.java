package cahier.app.household;

import cahier.app.language.Words;
import cahier.core.words.Clash;

/** A clash of words as the margin says it. */
public final class ClashWords {

    private ClashWords() {
    }

    /** "“mat” and “cat” sound alike to a dog." */
    public static String of(Clash clash) {
        String both = Words.say("household.ClashWords.and", clash.first(), clash.second());
        return switch (clash.kind()) {
            case ONE_WORD_TWO_ACTIONS -> Words.say("household.ClashWords.stands-for-two-actions", clash.first());
            case TWO_WORDS_ONE_ACTION -> Words.say("household.ClashWords.stand-for-the-same-action", both);
            case SOUND_ALIKE -> Words.say("household.ClashWords.sound-alike-to-a-dog", both);
            case LIKE_A_NAME -> Words.say("household.ClashWords.sounds-like-the-name", clash.first(), clash.second());
        };
    }
}

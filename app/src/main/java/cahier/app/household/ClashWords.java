package cahier.app.household;

import cahier.core.words.Clash;

/** A clash of words as the margin says it. */
public final class ClashWords {

    private ClashWords() {
    }

    /** "“mat” and “cat” sound alike to a dog." */
    public static String of(Clash clash) {
        String both = "“" + clash.first() + "” and “" + clash.second() + "”";
        return switch (clash.kind()) {
            case ONE_WORD_TWO_ACTIONS -> "“" + clash.first() + "” stands for two actions.";
            case TWO_WORDS_ONE_ACTION -> both + " stand for the same action.";
            case SOUND_ALIKE -> both + " sound alike to a dog.";
            case LIKE_A_NAME -> "“" + clash.first() + "” sounds like the name " + clash.second() + ".";
        };
    }
}

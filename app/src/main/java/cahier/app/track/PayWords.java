package cahier.app.track;

import cahier.core.pay.Payoff;

/** What a dog is paid with, in words. */
public final class PayWords {

    private PayWords() {
    }

    /** "food, scattered". */
    public static String of(Payoff payoff) {
        return switch (payoff) {
            case FOOD -> "food";
            case SCATTERED -> "food, scattered";
            case TOY -> "the toy";
            case LEAD_ON_OFF -> "lead on, off again";
            case FREE -> "free to go";
        };
    }
}

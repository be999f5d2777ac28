package cahier.app.track;

import cahier.core.pay.Feeding;
import cahier.core.pay.Payoff;

/** What a dog is paid with, in words. */
public final class PayWords {

    private PayWords() {
    }

    /** "now and then, about one clean rep in four". */
    public static String of(Feeding feeding) {
        return switch (feeding) {
            case EVERY_TIME -> "every time";
            case EVERY_OTHER -> "about every other time";
            case NOW_AND_THEN -> "now and then, about one clean rep in four";
            case NONE -> "none, praise alone";
        };
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

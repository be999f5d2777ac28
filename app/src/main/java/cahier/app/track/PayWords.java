package cahier.app.track;

import cahier.app.language.Words;
import cahier.core.pay.Feeding;
import cahier.core.pay.Payoff;

/** What a dog is paid with, in words. */
public final class PayWords {

    private PayWords() {
    }

    /** "now and then, about one clean rep in four". */
    public static String of(Feeding feeding) {
        return switch (feeding) {
            case EVERY_TIME -> Words.say("track.PayWords.every-time");
            case EVERY_OTHER -> Words.say("track.PayWords.about-every-other-time");
            case NOW_AND_THEN -> Words.say("track.PayWords.now-and-then-about-one");
            case NONE -> Words.say("track.PayWords.none-praise-alone");
        };
    }

    /** "food, scattered". */
    public static String of(Payoff payoff) {
        return switch (payoff) {
            case FOOD -> "food";
            case SCATTERED -> Words.say("track.PayWords.food-scattered");
            case TOY -> Words.say("track.PayWords.the-toy");
            case LEAD_ON_OFF -> Words.say("track.PayWords.lead-on-off-again");
            case FREE -> Words.say("track.PayWords.free-to-go");
        };
    }
}

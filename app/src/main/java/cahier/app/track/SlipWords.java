package cahier.app.track;

import cahier.core.slip.Remedy;
import cahier.core.slip.Slip;

/** Slips and their remedies in words (docs/rules.md 24). */
public final class SlipWords {

    private SlipWords() {
    }

    /** "Grabbed it". */
    public static String name(Slip slip) {
        return switch (slip) {
            case GRABBED -> "Grabbed it";
            case STARED_ON -> "Kept staring";
            case POPPED_UP -> "Popped up";
            case HOVERED -> "Hovered";
            case CROOKED -> "Crooked";
            case ANTICIPATED -> "Went ahead of the word";
            case JUMPED_ON -> "Jumped on you";
            case NO_CONTACT -> "Did not touch";
            case HAND_NOT_SEEN -> "Missed your hand";
            case SLIPPED_PAST -> "Slipped past";
            case TOO_KEEN_ON_ITEM -> "Too keen on the thing";
            case TIGHT_LEAD -> "Tight lead";
            case CROWDED -> "Crowded you";
            case BROKE_AT -> "Broke the chain";
            case CALLED_TWICE -> "Called twice";
            case WALKED_OFF -> "Walked off";
            case REFUSED_FOOD -> "Refused food";
        };
    }

    /** "Broke the chain at “handle”, 3 of 4 coded misses. Play that event alone, then the chain from its start." */
    public static String say(Remedy remedy) {
        return name(remedy.slip()) + (remedy.event().isEmpty() ? "" : " at “" + remedy.event() + "”") + ", " + remedy.times() + " of " + remedy.of() + " coded misses. "
                + remedy(remedy.slip());
    }

    /** What to do about it. */
    public static String remedy(Slip slip) {
        return switch (slip) {
            case GRABBED -> "Cover it, or further away.";
            case STARED_ON -> "Pay only the look at you. More room.";
            case POPPED_UP -> "Shorter. Pay earlier.";
            case HOVERED -> "Pay only the whole position. Another surface.";
            case CROOKED -> "Guide it narrower.";
            case ANTICIPATED -> "Practise the two apart.";
            case JUMPED_ON -> "No pay, no new throw. Wait, lower your hand.";
            case NO_CONTACT, HAND_NOT_SEEN -> "The other hand, lower and nearer.";
            case SLIPPED_PAST -> "A narrower alley, or change sides.";
            case TOO_KEEN_ON_ITEM -> "Park the thing for two weeks.";
            case TIGHT_LEAD -> "Start over with a slack lead.";
            case CROWDED -> "Walk a loop and set up again.";
            case BROKE_AT -> "Play that event alone, then the chain from its start.";
            case CALLED_TWICE -> "Nearer, better pay. Perhaps the word is not taught yet.";
            case WALKED_OFF -> "A break. Was it hungry, tired, worried?";
            case REFUSED_FOOD -> "More distance, or another day. Offer from another hand.";
        };
    }
}

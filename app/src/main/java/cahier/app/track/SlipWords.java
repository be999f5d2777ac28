package cahier.app.track;

import cahier.app.language.Words;
import cahier.core.slip.Remedy;
import cahier.core.slip.Slip;

/** Slips and their remedies in words (docs/rules.md 24). */
public final class SlipWords {

    private SlipWords() {
    }

    /** "Grabbed it". */
    public static String name(Slip slip) {
        return switch (slip) {
            case GRABBED -> Words.say("track.SlipWords.grabbed-it");
            case STARED_ON -> Words.say("track.SlipWords.kept-staring");
            case POPPED_UP -> Words.say("track.SlipWords.popped-up");
            case HOVERED -> Words.say("track.SlipWords.hovered");
            case CROOKED -> Words.say("track.SlipWords.crooked");
            case ANTICIPATED -> Words.say("track.SlipWords.went-ahead-of-the-word");
            case JUMPED_ON -> Words.say("track.SlipWords.jumped-on-you");
            case NO_CONTACT -> Words.say("track.SlipWords.did-not-touch");
            case HAND_NOT_SEEN -> Words.say("track.SlipWords.missed-your-hand");
            case SLIPPED_PAST -> Words.say("track.SlipWords.slipped-past");
            case TOO_KEEN_ON_ITEM -> Words.say("track.SlipWords.too-keen-on-the-thing");
            case TIGHT_LEAD -> Words.say("track.SlipWords.tight-lead");
            case CROWDED -> Words.say("track.SlipWords.crowded-you");
            case BROKE_AT -> Words.say("track.SlipWords.broke-the-chain");
            case CALLED_TWICE -> Words.say("track.SlipWords.called-twice");
            case WALKED_OFF -> Words.say("track.SlipWords.walked-off");
            case REFUSED_FOOD -> Words.say("track.SlipWords.refused-food");
        };
    }

    /** "Broke the chain at “handle”, 3 of 4 coded misses. Play that event alone, then the chain from its start." */
    public static String say(Remedy remedy) {
        return Words.say("track.SlipWords.of-coded-misses", name(remedy.slip()) + (remedy.event().isEmpty() ? "" : Words.say("track.SlipWords.at", remedy.event())), remedy.times(), remedy.of(), remedy(remedy.slip()));
    }

    /** What to do about it. */
    public static String remedy(Slip slip) {
        return switch (slip) {
            case GRABBED -> Words.say("track.SlipWords.cover-it-or-further-away");
            case STARED_ON -> Words.say("track.SlipWords.pay-only-the-look-at");
            case POPPED_UP -> Words.say("track.SlipWords.shorter-pay-earlier");
            case HOVERED -> Words.say("track.SlipWords.pay-only-the-whole-position");
            case CROOKED -> Words.say("track.SlipWords.guide-it-narrower");
            case ANTICIPATED -> Words.say("track.SlipWords.practise-the-two-apart");
            case JUMPED_ON -> Words.say("track.SlipWords.no-pay-no-new-throw");
            case NO_CONTACT, HAND_NOT_SEEN -> Words.say("track.SlipWords.the-other-hand-lower-and");
            case SLIPPED_PAST -> Words.say("track.SlipWords.a-narrower-alley-or-change");
            case TOO_KEEN_ON_ITEM -> Words.say("track.SlipWords.park-the-thing-for-two");
            case TIGHT_LEAD -> Words.say("track.SlipWords.start-over-with-a-slack");
            case CROWDED -> Words.say("track.SlipWords.walk-a-loop-and-set");
            case BROKE_AT -> Words.say("track.SlipWords.play-that-event-alone-then");
            case CALLED_TWICE -> Words.say("track.SlipWords.nearer-better-pay-perhaps-the");
            case WALKED_OFF -> Words.say("track.SlipWords.a-break-was-it-hungry");
            case REFUSED_FOOD -> Words.say("track.SlipWords.more-distance-or-another-day");
        };
    }
}

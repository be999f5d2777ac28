package cahier.app.method;

import cahier.app.language.Words;
import cahier.core.decide.TrackKind;
import cahier.core.method.Choice;
import cahier.core.method.Harm;
import cahier.core.method.Method;
import cahier.core.method.Question;
import java.util.Locale;

/** The method in words: two honest sentences for each question on why good trainers differ. */
public final class MethodWords {

    private MethodWords() {
    }

    public static String question(Question question) {
        return switch (question) {
            case NAMING -> Words.say("method.MethodWords.when-is-the-word-added");
            case FINDING -> Words.say("method.MethodWords.how-does-it-find-what");
            case CUE -> Words.say("method.MethodWords.is-the-cue-a-word");
            case FOOD -> Words.say("method.MethodWords.does-the-food-fade");
            case CORRECTION -> Words.say("method.MethodWords.what-do-you-do-when");
            case EXPOSURE_ENDS -> Words.say("method.MethodWords.what-ends-a-session-near");
            case PAIRING -> Words.say("method.MethodWords.what-comes-between-the-sight");
            case STRANGERS -> Words.say("method.MethodWords.may-strangers-give-it-food");
            case HAND -> Words.say("method.MethodWords.how-does-a-hand-come");
            case ALONE_PLACE -> Words.say("method.MethodWords.where-does-it-stay-when");
            case HOMECOMING -> Words.say("method.MethodWords.what-happens-when-you-are");
            case FIST -> Words.say("method.MethodWords.does-leave-it-begin-with");
            case JUMP -> Words.say("method.MethodWords.where-is-a-jump-up");
            case FINISH -> Words.say("method.MethodWords.does-it-sit-or-stand");
            case FRONT -> Words.say("method.MethodWords.where-does-it-come-to");
            case BED -> Words.say("method.MethodWords.which-is-taught-first-the");
            case MISS -> Words.say("method.MethodWords.what-does-a-miss-get");
            case LEAVE_IT -> Words.say("method.MethodWords.what-does-leave-it-mean");
            case ITEM -> Words.say("method.MethodWords.may-the-dog-ever-win");
            case RECALL_WORD -> Words.say("method.MethodWords.what-calls-the-dog-back");
            case EXPOSURE -> Words.say("method.MethodWords.how-does-it-meet-what");
            case RETURN -> Words.say("method.MethodWords.when-do-you-come-back");
            case PASS -> Words.say("method.MethodWords.when-does-a-step-count");
            case WHO_MOVES_ON -> Words.say("method.MethodWords.who-may-move-a-step");
        };
    }

    /** What a question settles, in a few words. */
    public static String about(Question question) {
        return switch (question) {
            case NAMING -> "naming";
            case FINDING -> Words.say("method.MethodWords.lure-or-shaping");
            case CUE -> Words.say("method.MethodWords.the-cue");
            case FOOD -> Words.say("method.MethodWords.fading-food");
            case MISS -> "misses";
            case CORRECTION -> "correction";
            case PASS -> Words.say("method.MethodWords.the-pass-rule");
            case WHO_MOVES_ON -> Words.say("method.MethodWords.who-moves-on");
            case EXPOSURE -> "exposure";
            case EXPOSURE_ENDS -> Words.say("method.MethodWords.what-ends-a-session");
            case PAIRING -> Words.say("method.MethodWords.marker-or-plain-food");
            case STRANGERS -> "strangers";
            case HAND -> Words.say("method.MethodWords.how-a-hand-comes");
            case RETURN -> Words.say("method.MethodWords.the-return");
            case ALONE_PLACE -> Words.say("method.MethodWords.where-it-stays");
            case HOMECOMING -> Words.say("method.MethodWords.coming-home");
            case LEAVE_IT -> Words.say("method.MethodWords.what-leave-it-means");
            case FIST -> Words.say("method.MethodWords.closed-or-open-hand");
            case ITEM -> Words.say("method.MethodWords.winning-the-item");
            case RECALL_WORD -> Words.say("method.MethodWords.the-recall-word");
            case JUMP -> Words.say("method.MethodWords.jumping-up");
            case FINISH -> Words.say("method.MethodWords.sit-or-stand");
            case FRONT -> Words.say("method.MethodWords.where-front-begins");
            case BED -> Words.say("method.MethodWords.bed-or-down-first");
        };
    }

    /** What a group of questions is about. */
    public static String field(Question.Field field) {
        return switch (field) {
            case EVERY_SKILL -> Words.say("method.MethodWords.every-skill");
            case COMFORT -> Words.say("method.MethodWords.fear-touch-and-time-alone");
            case ONE_SKILL -> Words.say("method.MethodWords.single-skills");
        };
    }

    /** What is refused whatever is chosen, with the reason; empty where nothing is. */
    public static String refused(Question question) {
        return switch (question) {
            case MISS -> Words.say("method.MethodWords.on-comfort-tracks-a-miss");
            case CORRECTION -> Words.say("method.MethodWords.on-comfort-tracks-it-is");
            case FOOD -> Words.say("method.MethodWords.on-comfort-tracks-food-never");
            default -> "";
        };
    }

    /** Why trainers differ, one sentence for each side. */
    public static String why(Question question) {
        return switch (question) {
            case NAMING -> Words.say("method.MethodWords.added-late-the-word-only");
            case FINDING -> Words.say("method.MethodWords.a-lure-is-quick-and");
            case CUE -> Words.say("method.MethodWords.anybody-can-say-a-word");
            case FOOD -> Words.say("method.MethodWords.faded-a-skill-holds-where");
            case CORRECTION -> Words.say("method.MethodWords.making-it-easier-keeps-the");
            case EXPOSURE_ENDS -> Words.say("method.MethodWords.one-look-back-by-itself");
            case PAIRING -> Words.say("method.MethodWords.food-straight-after-makes-the");
            case STRANGERS -> Words.say("method.MethodWords.kept-away-nobody-comes-closer");
            case HAND -> Words.say("method.MethodWords.a-hand-that-moves-is");
            case ALONE_PLACE -> Words.say("method.MethodWords.loose-it-can-choose-where");
            case HOMECOMING -> Words.say("method.MethodWords.no-fuss-keeps-coming-home");
            case FIST -> Words.say("method.MethodWords.a-closed-hand-cannot-be");
            case JUMP -> Words.say("method.MethodWords.nowhere-is-one-rule-for");
            case FINISH -> Words.say("method.MethodWords.a-sit-is-easy-to");
            case FRONT -> Words.say("method.MethodWords.straight-in-is-what-a");
            case BED -> Words.say("method.MethodWords.on-the-bed-first-lying");
            case MISS -> Words.say("method.MethodWords.nothing-keeps-it-quiet-and");
            case LEAVE_IT -> Words.say("method.MethodWords.looking-at-you-gives-the");
            case ITEM -> Words.say("method.MethodWords.never-winning-it-keeps-the");
            case RECALL_WORD -> Words.say("method.MethodWords.a-kept-word-stays-clean");
            case EXPOSURE -> Words.say("method.MethodWords.below-threshold-the-dog-learns");
            case RETURN -> Words.say("method.MethodWords.coming-back-before-the-noise");
            case PASS -> Words.say("method.MethodWords.five-in-a-row-is");
            case WHO_MOVES_ON -> Words.say("method.MethodWords.the-trainer-sees-what-a");
        };
    }

    public static String choice(Choice choice) {
        return switch (choice) {
            case NAMED_AT_80 -> Words.say("method.MethodWords.when-8-of-10-are");
            case NAMED_AT_90 -> Words.say("method.MethodWords.when-9-of-10-are");
            case NAMED_EARLY -> Words.say("method.MethodWords.early-while-it-happens");
            case LURED -> Words.say("method.MethodWords.lured-and-the-lure-goes");
            case SHAPED -> Words.say("method.MethodWords.by-itself-paid-bit-by");
            case CUE_WORD -> Words.say("method.MethodWords.a-word");
            case CUE_MOVEMENT -> Words.say("method.MethodWords.my-first-step");
            case FOOD_FADED -> Words.say("method.MethodWords.yes-at-the-end-every");
            case FOOD_TO_THE_END -> Words.say("method.MethodWords.no-every-clean-rep-is");
            case CORRECT_NEVER -> Words.say("method.MethodWords.nothing-more-it-is-made");
            case CORRECT_ONCE_KNOWN -> Words.say("method.MethodWords.a-calm-no-once-it");
            case END_AT_LOOK -> Words.say("method.MethodWords.one-look-back-by-itself-2");
            case END_BY_CLOCK -> Words.say("method.MethodWords.the-clock");
            case PAIR_PLAIN -> Words.say("method.MethodWords.nothing-food-straight-after");
            case PAIR_MARKER -> Words.say("method.MethodWords.a-marker-then-food");
            case STRANGERS_KEEP_AWAY -> Words.say("method.MethodWords.no-they-walk-round");
            case STRANGERS_THROW -> Words.say("method.MethodWords.they-may-throw-it-from");
            case HAND_MOVES -> Words.say("method.MethodWords.it-moves-to-the-dog");
            case HAND_STILL -> Words.say("method.MethodWords.it-is-held-still-and");
            case ALONE_LOOSE -> Words.say("method.MethodWords.loose-in-a-room");
            case ALONE_CRATED -> Words.say("method.MethodWords.in-its-crate-shut-by");
            case HOME_NO_FUSS -> Words.say("method.MethodWords.no-fuss");
            case HOME_LIE_AND_PAY -> Words.say("method.MethodWords.it-lies-down-again-and");
            case FIST_CLOSED -> Words.say("method.MethodWords.a-closed-hand");
            case FIST_OPEN -> Words.say("method.MethodWords.an-open-hand-that-closes");
            case RECALL_NAME_AND_WORD -> Words.say("method.MethodWords.its-name-and-a-word");
            case JUMP_NOWHERE -> Words.say("method.MethodWords.nowhere");
            case JUMP_IN_PLAY -> Words.say("method.MethodWords.on-you-in-play");
            case FINISH_SIT -> Words.say("method.MethodWords.it-sits");
            case FINISH_STAND -> Words.say("method.MethodWords.it-stands");
            case FRONT_STRAIGHT -> Words.say("method.MethodWords.straight-in");
            case FRONT_FROM_HEEL -> Words.say("method.MethodWords.out-of-heel");
            case BED_FIRST -> Words.say("method.MethodWords.the-bed");
            case DOWN_FIRST -> Words.say("method.MethodWords.lying-down");
            case MISS_QUIET -> Words.say("method.MethodWords.nothing-reset-quietly");
            case MISS_MARKER -> Words.say("method.MethodWords.a-neutral-marker-then-reset");
            case MISS_GUIDED -> Words.say("method.MethodWords.guided-back-by-hand-or");
            case LEAVE_IT_LOOK_AT_ME -> Words.say("method.MethodWords.look-at-me");
            case LEAVE_IT_BACK_OFF -> Words.say("method.MethodWords.back-off-from-it");
            case ITEM_NEVER_WON -> Words.say("method.MethodWords.no-paid-from-the-other");
            case ITEM_WON_ON_RELEASE -> Words.say("method.MethodWords.yes-on-release");
            case RECALL_KEPT_WORD -> Words.say("method.MethodWords.one-kept-word");
            case RECALL_NAME -> Words.say("method.MethodWords.the-dogs-name");
            case RECALL_WHISTLE -> Words.say("method.MethodWords.a-whistle");
            case EXPOSE_BELOW_THRESHOLD -> Words.say("method.MethodWords.below-threshold-distance-first");
            case EXPOSE_LONG_WATCHING -> Words.say("method.MethodWords.long-watching-from-one-place");
            case RETURN_BEFORE_NOISE -> Words.say("method.MethodWords.before-the-noise-starts");
            case RETURN_AT_QUIET -> Words.say("method.MethodWords.at-a-second-of-quiet");
            case PASS_FIVE_IN_A_ROW -> Words.say("method.MethodWords.5-in-a-row");
            case PASS_80_OF_10 -> "80% of 10";
            case PASS_BLOCKS -> Words.say("method.MethodWords.blocks-of-5");
            case PASS_CALM -> Words.say("method.MethodWords.calm-sessions");
            case PASS_ODDS -> Words.say("method.MethodWords.odds");
            case PASS_BY_RHYTHM -> Words.say("method.MethodWords.by-how-often-they-practise");
            case TRAINER_MOVES_ON -> Words.say("method.MethodWords.the-trainer-at-the-lesson");
            case OWNER_MOVES_ON -> Words.say("method.MethodWords.the-owner-on-the-rule");
        };
    }

    /** The household's answer to a miss, beside the field where it is written; where fear keeps its choice from being followed, why. */
    public static String missHint(Method method, TrackKind kind) {
        String said = Words.say("method.MethodWords.this-households-method", choice(method.onMiss(kind)).toLowerCase(Locale.ROOT));
        boolean corrects = method.of(Question.CORRECTION) == Choice.CORRECT_ONCE_KNOWN;
        if (corrects && kind == TrackKind.COMFORT) {
            return said + ". Its calm no is refused here: a no beside what it fears makes the fear worse.";
        }
        return corrects ? Words.say("method.MethodWords.once-it-is-understood-a", said) : said;
    }

    /** Why something is not offered. */
    public static String refusal(Harm harm, String word) {
        String kind = switch (harm) {
            case STARTLING -> "startling";
            case HURTING -> "hurting";
            case CHOKING -> "choking";
            case PINNING -> "pinning";
            case FLOODING -> Words.say("method.MethodWords.flooding-with-no-way-out");
            case CORRECTING -> "correcting";
        };
        return "“" + word + "”: " + kind + (harm == Harm.CORRECTING ? Words.say("method.MethodWords.is-not-offered-on-a")
                : Words.say("method.MethodWords.is-not-offered-warnings-vanish"));
    }
}

package cahier.app.method;

import cahier.core.method.Choice;
import cahier.core.method.Harm;
import cahier.core.method.Question;
import java.util.Locale;

/** The method in words: two honest sentences for each question on why good trainers differ. */
public final class MethodWords {

    private MethodWords() {
    }

    public static String question(Question question) {
        return switch (question) {
            case NAMING -> "When is the word added?";
            case MISS -> "What does a miss get?";
            case LEAVE_IT -> "What does “leave it” mean?";
            case ITEM -> "May the dog ever win the item?";
            case RECALL_WORD -> "What calls the dog back?";
            case EXPOSURE -> "How does it meet what it fears?";
            case RETURN -> "When do you come back to a dog that was left?";
            case PASS -> "When does a step count as passed?";
            case WHO_MOVES_ON -> "Who may move a step on?";
        };
    }

    /** Why trainers differ, one sentence for each side. */
    public static String why(Question question) {
        return switch (question) {
            case NAMING -> "Added late, the word only ever names the finished thing. Added early, owners have something to say, and some dogs link it sooner.";
            case MISS -> "Nothing keeps it quiet and cannot frighten. A marker or a hand tells the dog sooner where it went wrong, and can be taken as pressure.";
            case LEAVE_IT -> "Looking at you gives the dog something to do. Backing off is easier to see and keeps its mouth further away.";
            case ITEM -> "Never winning it keeps the rule simple and safe outdoors. Winning on release makes waiting worth more to keen dogs.";
            case RECALL_WORD -> "A kept word stays clean because it is never said in vain. The name is what you shout in a fright, and a whistle carries and never sounds cross.";
            case EXPOSURE -> "Below threshold the dog learns while it can still think. Long watching lets it settle at its own pace, and takes hours and many pieces.";
            case RETURN -> "Coming back before the noise never lets panic build. Waiting for quiet avoids paying the noise, and can be too long for a frightened dog.";
            case PASS -> "Five in a row is easy to see, and luck lets some dogs on too early. Shares, calm sessions and odds forgive one slip and need more reps, which who practises seldom does not have.";
            case WHO_MOVES_ON -> "The trainer sees what a count does not. An owner who may move on does not wait two weeks for a step the dog can do.";
        };
    }

    public static String choice(Choice choice) {
        return switch (choice) {
            case NAMED_AT_80 -> "When 8 of 10 are clean without a lure";
            case NAMED_AT_90 -> "When 9 of 10 are clean without a lure";
            case NAMED_EARLY -> "Early, while it happens";
            case MISS_QUIET -> "Nothing: reset quietly";
            case MISS_MARKER -> "A neutral marker, then reset";
            case MISS_GUIDED -> "Guided back by hand or lead, softly";
            case LEAVE_IT_LOOK_AT_ME -> "Look at me";
            case LEAVE_IT_BACK_OFF -> "Back off from it";
            case ITEM_NEVER_WON -> "No, paid from the other hand";
            case ITEM_WON_ON_RELEASE -> "Yes, on release";
            case RECALL_KEPT_WORD -> "One kept word";
            case RECALL_NAME -> "The dog’s name";
            case RECALL_WHISTLE -> "A whistle";
            case EXPOSE_BELOW_THRESHOLD -> "Below threshold, distance first";
            case EXPOSE_LONG_WATCHING -> "Long watching from one place, comfort allowed";
            case RETURN_BEFORE_NOISE -> "Before the noise starts";
            case RETURN_AT_QUIET -> "At a second of quiet";
            case PASS_FIVE_IN_A_ROW -> "5 in a row";
            case PASS_80_OF_10 -> "80% of 10";
            case PASS_BLOCKS -> "Blocks of 5";
            case PASS_CALM -> "Calm sessions";
            case PASS_ODDS -> "Odds";
            case PASS_BY_RHYTHM -> "By how often they practise";
            case TRAINER_MOVES_ON -> "The trainer, at the lesson";
            case OWNER_MOVES_ON -> "The owner, on the rule";
        };
    }

    /** The household's answer to a miss, beside the field where it is written. */
    public static String missHint(Choice onMiss) {
        return "This household’s method: " + choice(onMiss).toLowerCase(Locale.ROOT);
    }

    /** Why something is not offered. */
    public static String refusal(Harm harm, String word) {
        String kind = switch (harm) {
            case STARTLING -> "startling";
            case HURTING -> "hurting";
            case CHOKING -> "choking";
            case PINNING -> "pinning";
            case FLOODING -> "flooding with no way out";
        };
        return "“" + word + "”: " + kind + " is not offered. Warnings vanish while the fear stays, and bites come without notice.";
    }
}

package cahier.app.method;

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
            case NAMING -> "When is the word added?";
            case FINDING -> "How does it find what to do?";
            case CUE -> "Is the cue a word or your own movement?";
            case FOOD -> "Does the food fade?";
            case CORRECTION -> "What do you do when it knows the word and does something else?";
            case EXPOSURE_ENDS -> "What ends a session near what it fears?";
            case PAIRING -> "What comes between the sight or the sound and the food?";
            case STRANGERS -> "May strangers give it food?";
            case HAND -> "How does a hand come?";
            case ALONE_PLACE -> "Where does it stay when it is left?";
            case HOMECOMING -> "What happens when you are back?";
            case FIST -> "Does leave it begin with a closed or an open hand?";
            case JUMP -> "Where is a jump up welcome?";
            case FINISH -> "Does it sit or stand at the finish?";
            case FRONT -> "Where does it come to the front from?";
            case BED -> "Which is taught first, the bed or lying down?";
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

    /** What a question settles, in a few words. */
    public static String about(Question question) {
        return switch (question) {
            case NAMING -> "naming";
            case FINDING -> "lure or shaping";
            case CUE -> "the cue";
            case FOOD -> "fading food";
            case MISS -> "misses";
            case CORRECTION -> "correction";
            case PASS -> "the pass rule";
            case WHO_MOVES_ON -> "who moves on";
            case EXPOSURE -> "exposure";
            case EXPOSURE_ENDS -> "what ends a session";
            case PAIRING -> "marker or plain food";
            case STRANGERS -> "strangers";
            case HAND -> "how a hand comes";
            case RETURN -> "the return";
            case ALONE_PLACE -> "where it stays";
            case HOMECOMING -> "coming home";
            case LEAVE_IT -> "what leave it means";
            case FIST -> "closed or open hand";
            case ITEM -> "winning the item";
            case RECALL_WORD -> "the recall word";
            case JUMP -> "jumping up";
            case FINISH -> "sit or stand";
            case FRONT -> "where front begins";
            case BED -> "bed or down first";
        };
    }

    /** What a group of questions is about. */
    public static String field(Question.Field field) {
        return switch (field) {
            case EVERY_SKILL -> "Every skill";
            case COMFORT -> "Fear, touch and time alone";
            case ONE_SKILL -> "Single skills";
        };
    }

    /** What is refused whatever is chosen, with the reason; empty where nothing is. */
    public static String refused(Question question) {
        return switch (question) {
            case MISS -> "On comfort tracks a miss gets nothing, whatever is chosen here: fear must not be answered by pressure.";
            case CORRECTION -> "On comfort tracks it is refused, whatever is chosen here: a no beside what it fears makes the fear worse. By force it is refused everywhere: warnings "
                    + "vanish while the fear stays, and bites come without notice.";
            case FOOD -> "On comfort tracks food never fades, whatever is chosen here: there the food is what changes how it feels.";
            default -> "";
        };
    }

    /** Why trainers differ, one sentence for each side. */
    public static String why(Question question) {
        return switch (question) {
            case NAMING -> "Added late, the word only ever names the finished thing. Added early, owners have something to say, and some dogs link it sooner.";
            case FINDING -> "A lure is quick, and an owner can do it at once. What a dog finds by itself it knows better, and waiting for it takes patience and timing.";
            case CUE -> "Anybody can say a word, from anywhere. Dogs read a movement first, and it works only with people who move alike.";
            case FOOD -> "Faded, a skill holds where no food is at hand, and many fade it too fast. Paid to the end it stays bright, and the owner carries food for good.";
            case CORRECTION -> "Making it easier keeps the dog trying and asks what was too hard. A calm no tells a dog that knows better at once, and is soon said too often.";
            case EXPOSURE_ENDS -> "One look back by itself ends it at its best, and the session is short. The clock gives a slow dog time to settle, and can end it at a bad moment.";
            case PAIRING -> "Food straight after makes the thing itself mean food, whatever the dog does. A marker buys a second from further off, and pays what the dog just did.";
            case STRANGERS -> "Kept away, nobody comes closer than the dog chose. Food that flies from a stranger can turn the feeling, and draws some dogs nearer than they can bear.";
            case HAND -> "A hand that moves is what a vet and a groomer do. A hand held still lets the dog come under it, and takes longer.";
            case ALONE_PLACE -> "Loose it can choose where to rest, and reach what it can break. A crate it loves keeps it safe, and to a dog that panics in one it is a trap.";
            case HOMECOMING -> "No fuss keeps coming home a small thing. Lying down again for a treat gives the dog something to do, and makes the return bigger.";
            case FIST -> "A closed hand cannot be robbed, so nobody has to be quick. An open hand that closes shows the dog sooner what the game is, and asks for a fast hand.";
            case JUMP -> "Nowhere is one rule for everybody, visitors and children too. In play some dogs jump for joy and lose it when they may not.";
            case FINISH -> "A sit is easy to see and holds still. A stand is kinder to stiff hips, and some dogs creep out of it.";
            case FRONT -> "Straight in is what a recall ends with. Out of heel it learns the turn, and keeps front and heel apart less clearly.";
            case BED -> "On the bed first, lying down comes by itself as it waits. Down first, it lies at once, and has to know the word before.";
            case MISS -> "Nothing keeps it quiet and cannot frighten. A marker or a hand tells the dog sooner where it went wrong, and can be taken as pressure.";
            case LEAVE_IT -> "Looking at you gives the dog something to do. Backing off is easier to see and keeps its mouth further away.";
            case ITEM -> "Never winning it keeps the rule simple and safe outdoors. Winning on release makes waiting worth more to keen dogs.";
            case RECALL_WORD -> "A kept word stays clean because it is never said in vain. The name is what you shout in a fright, and a whistle carries and never sounds cross.";
            case EXPOSURE -> "Below threshold the dog learns while it can still think. Long watching lets it settle at its own pace, and takes hours and many treats.";
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
            case LURED -> "Lured, and the lure goes early";
            case SHAPED -> "By itself, paid bit by bit";
            case CUE_WORD -> "A word";
            case CUE_MOVEMENT -> "My first step";
            case FOOD_FADED -> "Yes, at the end: every other time, now and then, praise";
            case FOOD_TO_THE_END -> "No, every clean rep is paid";
            case CORRECT_NEVER -> "Nothing more: it is made easier";
            case CORRECT_ONCE_KNOWN -> "A calm no, once it is understood";
            case END_AT_LOOK -> "One look back by itself";
            case END_BY_CLOCK -> "The clock";
            case PAIR_PLAIN -> "Nothing: food straight after";
            case PAIR_MARKER -> "A marker, then food";
            case STRANGERS_KEEP_AWAY -> "No, they walk round";
            case STRANGERS_THROW -> "They may throw it, from where the dog is at ease";
            case HAND_MOVES -> "It moves to the dog, from below and the side";
            case HAND_STILL -> "It is held still, and the dog walks under it";
            case ALONE_LOOSE -> "Loose in a room";
            case ALONE_CRATED -> "In its crate, shut by degrees";
            case HOME_NO_FUSS -> "No fuss";
            case HOME_LIE_AND_PAY -> "It lies down again and is paid";
            case FIST_CLOSED -> "A closed hand";
            case FIST_OPEN -> "An open hand that closes";
            case RECALL_NAME_AND_WORD -> "Its name and a word, together";
            case JUMP_NOWHERE -> "Nowhere";
            case JUMP_IN_PLAY -> "On you, in play";
            case FINISH_SIT -> "It sits";
            case FINISH_STAND -> "It stands";
            case FRONT_STRAIGHT -> "Straight in";
            case FRONT_FROM_HEEL -> "Out of heel";
            case BED_FIRST -> "The bed";
            case DOWN_FIRST -> "Lying down";
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

    /** The household's answer to a miss, beside the field where it is written; where fear keeps its choice from being followed, why. */
    public static String missHint(Method method, TrackKind kind) {
        String said = "This household’s method: " + choice(method.onMiss(kind)).toLowerCase(Locale.ROOT);
        boolean corrects = method.of(Question.CORRECTION) == Choice.CORRECT_ONCE_KNOWN;
        if (corrects && kind == TrackKind.COMFORT) {
            return said + ". Its calm no is refused here: a no beside what it fears makes the fear worse.";
        }
        return corrects ? said + "; once it is understood a calm no" : said;
    }

    /** Why something is not offered. */
    public static String refusal(Harm harm, String word) {
        String kind = switch (harm) {
            case STARTLING -> "startling";
            case HURTING -> "hurting";
            case CHOKING -> "choking";
            case PINNING -> "pinning";
            case FLOODING -> "flooding with no way out";
            case CORRECTING -> "correcting";
        };
        return "“" + word + "”: " + kind + (harm == Harm.CORRECTING ? " is not offered on a comfort track. A no beside what it fears makes the fear worse."
                : " is not offered. Warnings vanish while the fear stays, and bites come without notice.");
    }
}

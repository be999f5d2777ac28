package cahier.core.method;

import static cahier.core.method.Choice.*;

import java.util.Arrays;
import java.util.List;

/** What a household's method must settle; the first choice is the default (docs/rules.md 32). */
public enum Question {

    NAMING(Field.EVERY_SKILL, NAMED_AT_80, NAMED_AT_90, NAMED_EARLY),
    FINDING(Field.EVERY_SKILL, LURED, SHAPED),
    CUE(Field.EVERY_SKILL, CUE_WORD, CUE_MOVEMENT),
    FOOD(Field.EVERY_SKILL, FOOD_FADED, FOOD_TO_THE_END),
    MISS(Field.EVERY_SKILL, MISS_QUIET, MISS_MARKER, MISS_GUIDED),
    CORRECTION(Field.EVERY_SKILL, CORRECT_NEVER, CORRECT_ONCE_KNOWN),
    PASS(Field.EVERY_SKILL, PASS_FIVE_IN_A_ROW, PASS_80_OF_10, PASS_BLOCKS, PASS_CALM, PASS_ODDS, PASS_BY_RHYTHM),
    WHO_MOVES_ON(Field.EVERY_SKILL, TRAINER_MOVES_ON, OWNER_MOVES_ON),
    EXPOSURE(Field.COMFORT, EXPOSE_BELOW_THRESHOLD, EXPOSE_LONG_WATCHING),
    EXPOSURE_ENDS(Field.COMFORT, END_AT_LOOK, END_BY_CLOCK),
    PAIRING(Field.COMFORT, PAIR_PLAIN, PAIR_MARKER),
    STRANGERS(Field.COMFORT, STRANGERS_KEEP_AWAY, STRANGERS_THROW),
    HAND(Field.COMFORT, HAND_MOVES, HAND_STILL),
    RETURN(Field.COMFORT, RETURN_BEFORE_NOISE, RETURN_AT_QUIET),
    ALONE_PLACE(Field.COMFORT, ALONE_LOOSE, ALONE_CRATED),
    HOMECOMING(Field.COMFORT, HOME_NO_FUSS, HOME_LIE_AND_PAY),
    LEAVE_IT(Field.ONE_SKILL, LEAVE_IT_LOOK_AT_ME, LEAVE_IT_BACK_OFF),
    FIST(Field.ONE_SKILL, FIST_CLOSED, FIST_OPEN),
    ITEM(Field.ONE_SKILL, ITEM_NEVER_WON, ITEM_WON_ON_RELEASE),
    RECALL_WORD(Field.ONE_SKILL, RECALL_KEPT_WORD, RECALL_NAME, RECALL_NAME_AND_WORD, RECALL_WHISTLE),
    JUMP(Field.ONE_SKILL, JUMP_NOWHERE, JUMP_IN_PLAY),
    FINISH(Field.ONE_SKILL, FINISH_SIT, FINISH_STAND),
    FRONT(Field.ONE_SKILL, FRONT_STRAIGHT, FRONT_FROM_HEEL),
    BED(Field.ONE_SKILL, BED_FIRST, DOWN_FIRST);

    /** What a question is about, in the order in which they are asked. */
    public enum Field {
        /** How anything is taught. */
        EVERY_SKILL,
        /** Fear, touch and time alone. */
        COMFORT,
        /** Where one skill is taught in two ways. */
        ONE_SKILL
    }

    private final Field field;
    private final List<Choice> choices;

    Question(Field field, Choice... choices) {
        this.field = field;
        this.choices = List.of(choices);
    }

    public Field field() {
        return field;
    }

    /** In the order shown, the default first. */
    public List<Choice> choices() {
        return choices;
    }

    /** The question a choice answers. */
    public static Question of(Choice choice) {
        return Arrays.stream(values()).filter(q -> q.choices.contains(choice)).findFirst().orElseThrow();
    }

    /** What a household does that chose nothing. */
    public Choice usual() {
        return choices.get(0);
    }
}

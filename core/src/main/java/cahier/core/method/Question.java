package cahier.core.method;

import static cahier.core.method.Choice.*;

import java.util.Arrays;
import java.util.List;

/** What a household's method must settle; the first choice is the default (docs/rules.md 32). */
public enum Question {

    NAMING(NAMED_AT_80, NAMED_AT_90, NAMED_EARLY),
    MISS(MISS_QUIET, MISS_MARKER, MISS_GUIDED),
    LEAVE_IT(LEAVE_IT_LOOK_AT_ME, LEAVE_IT_BACK_OFF),
    ITEM(ITEM_NEVER_WON, ITEM_WON_ON_RELEASE),
    RECALL_WORD(RECALL_KEPT_WORD, RECALL_NAME, RECALL_WHISTLE),
    EXPOSURE(EXPOSE_BELOW_THRESHOLD, EXPOSE_LONG_WATCHING),
    RETURN(RETURN_BEFORE_NOISE, RETURN_AT_QUIET),
    PASS(PASS_FIVE_IN_A_ROW, PASS_80_OF_10, PASS_BLOCKS, PASS_CALM, PASS_ODDS, PASS_BY_RHYTHM),
    WHO_MOVES_ON(TRAINER_MOVES_ON, OWNER_MOVES_ON);

    private final List<Choice> choices;

    Question(Choice... choices) {
        this.choices = List.of(choices);
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

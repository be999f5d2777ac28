package cahier.app.lesson;

import cahier.app.language.Words;

/** What a trainer looks for while the owner shows an exercise back. */
public enum Shown {

    MARKER,
    ONE_CUE,
    FOOD_HAND,
    SLACK_LEAD;

    public String words() {
        return Words.say("lesson.Shown." + name());
    }

    /** What to look at again when it was not right. */
    public String trouble() {
        return Words.say("lesson.Shown." + name() + ".trouble");
    }
}

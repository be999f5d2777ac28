package cahier.app.lesson;

import cahier.app.language.Words;

/**
 * The lessons a household has paid for.
 *
 * @param bought in all
 * @param given since the first pack
 */
public record Pack(int bought, int given) {

    /** What is left; below 0 when more were given than paid for. */
    public int left() {
        return bought - given;
    }

    /** "2 of 5 lessons left." */
    public String words() {
        if (left() < 0) {
            return Words.say("lesson.Pack.more-given-than-paid-for", -left() + (left() == -1 ? Words.say("lesson.Pack.lesson") : Words.say("lesson.Pack.lessons")));
        }
        return Words.say("lesson.Pack.of-left", left(), bought);
    }
}

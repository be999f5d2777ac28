package cahier.app.first;

import cahier.app.language.Words;
import java.util.List;
import java.util.Optional;

/** The way of a new household until its first sheet is out. */
public record FirstHour(List<Line> lines) {

    /** How far a part is. */
    public enum State { OPEN, DONE, SKIPPED }

    /**
     * A part of it.
     *
     * @param says what is there: "2 wishes"; empty where nothing is
     * @param byHand whether the trainer said so, and may take it back
     */
    public record Line(Part part, State state, String says, boolean byHand) {

        public boolean isOpen() {
            return state == State.OPEN;
        }
    }

    /** The first that is open: what to do now. */
    public Optional<Line> next() {
        return lines.stream().filter(Line::isOpen).findFirst();
    }

    /** "3 of 9 done, about 40 min left." */
    public String words() {
        long over = lines.stream().filter(l -> !l.isOpen()).count();
        int left = lines.stream().filter(Line::isOpen).mapToInt(l -> l.part().minutes()).sum();
        return Words.say("first.FirstHour.of-done-about-min-left", over, lines.size(), left);
    }
}

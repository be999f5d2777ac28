package cahier.app.first;

import java.util.List;

/**
 * What is to be seen to before homework goes out; nothing of it holds it up.
 *
 * @param lacks what a step asks for that they do not have, a sentence each
 * @param words that a step says and the household has not agreed on
 * @param starts where a track may start further on
 */
public record Ready(List<String> lacks, List<Unagreed> words, List<Further> starts) {

    /** A word, and of which track it is. */
    public record Unagreed(String word, long track, String says) {
    }

    /** A step further on, which a baseline proposes. */
    public record Further(long track, long step, String says) {
    }

    public boolean isEmpty() {
        return lacks.isEmpty() && words.isEmpty() && starts.isEmpty();
    }
}

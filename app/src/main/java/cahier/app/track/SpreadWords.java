package cahier.app.track;

import cahier.app.language.Words;
import cahier.core.pass.Spread;
import java.util.ArrayList;
import java.util.List;

/** Over how much of life a pass is spread, in words. */
public final class SpreadWords {

    private SpreadWords() {
    }

    /** ", on 2 days, with 2 people, in 2 places, 1 of the last 1 first tries clean"; empty when it asks for nothing. */
    static String after(Spread s) {
        List<String> parts = new ArrayList<>();
        add(parts, s.days(), "on ", " days");
        add(parts, s.sessions(), "in ", " sessions");
        add(parts, s.people(), "with ", " people");
        add(parts, s.places(), "in ", " places");
        add(parts, s.hands(), "with ", s.hands() == 1 ? " hand" : " hands");
        add(parts, s.items(), "with ", s.items() == 1 ? Words.say("track.SpreadWords.reward-or-object") : Words.say("track.SpreadWords.rewards-or-objects"));
        if (s.coldOf() > 0) {
            parts.add(s.coldOf() == 1 ? Words.say("track.SpreadWords.the-last-first-try-clean") : Words.say("track.SpreadWords.of-the-last-first-tries", s.coldClean(), s.coldOf()));
        }
        return parts.isEmpty() ? "" : ", " + String.join(", ", parts);
    }

    private static void add(List<String> parts, int n, String before, String after) {
        if (n > 0) {
            parts.add(before + n + after);
        }
    }
}

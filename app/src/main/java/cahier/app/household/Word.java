package cahier.app.household;

import cahier.app.language.Words;
import cahier.core.words.Cue;
import cahier.core.words.Signal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * A word, hand or whistle signal the household has agreed on, and the one action it stands for.
 *
 * @param dogId for which dog; none for every dog of the household
 */
public record Word(long id, String word, String meaning, @Nullable Long dogId, Signal signal, Role role, int version) {

    /** What a signal is for: a cue asks, a marker answers, the release ends. */
    public enum Role {
        CUE, PAID, GO_ON, TRY_AGAIN, RELEASE;

        public String words() {
            return Words.say("household.Role." + name());
        }
    }

    /** A spoken word in quotation marks, a signal as it is called. */
    public String shown() {
        return signal == Signal.VOICE ? "“" + word + "”" : word;
    }

    /** "hand, release, for Sorrel": what is unlike a spoken cue for every dog. */
    public String aside(Facts facts) {
        List<String> parts = new ArrayList<>();
        if (signal != Signal.VOICE) {
            parts.add(signal.name().toLowerCase(Locale.ROOT));
        }
        if (role != Role.CUE) {
            parts.add(role.words());
        }
        if (dogId != null) {
            parts.add(Words.say("household.Word.for", facts.dogName(dogId)));
        }
        return String.join(", ", parts);
    }

    /** As the rules read it. */
    public Cue toCue() {
        return new Cue(word, meaning, signal, dogId == null ? "" : dogId.toString());
    }
}

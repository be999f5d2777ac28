package cahier.core.words;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/** Finds what a dog cannot tell apart in a household's lexicon (docs/rules.md 16). */
public final class Clashes {

    private Clashes() {
    }

    /**
     * Every clash, in the order of the lexicon.
     *
     * @param names of the dogs and people of the household, which are shouted too
     */
    public static List<Clash> among(List<Cue> lexicon, Collection<String> names) {
        List<Clash> clashes = new ArrayList<>();
        for (int i = 0; i < lexicon.size(); i++) {
            Cue cue = lexicon.get(i);
            for (Cue later : lexicon.subList(i + 1, lexicon.size())) {
                between(cue, later).ifPresent(clashes::add);
            }
            if (cue.signal() == Signal.VOICE) {
                names.stream().filter(name -> soundAlike(cue.word(), name))
                        .forEach(name -> clashes.add(new Clash(Clash.Kind.LIKE_A_NAME, cue.word(), name)));
            }
        }
        return List.copyOf(clashes);
    }

    /** Whether two spoken words sound alike to a dog; the order does not matter, and a word sounds like itself. */
    static boolean soundAlike(String a, String b) {
        return Sound.of(a).isLike(Sound.of(b));
    }

    /** A spoken word and a hand signal for the same action are no clash: many dogs learn both. */
    private static Optional<Clash> between(Cue a, Cue b) {
        if (!a.meets(b) || a.signal() != b.signal()) {
            return Optional.empty();
        }
        boolean sameAction = Sound.normalised(a.action()).equals(Sound.normalised(b.action()));
        boolean sameWord = Sound.normalised(a.word()).equals(Sound.normalised(b.word()));
        if (sameWord) {
            return sameAction ? Optional.empty() : Optional.of(new Clash(Clash.Kind.ONE_WORD_TWO_ACTIONS, a.word(), b.word()));
        }
        if (sameAction) {
            return Optional.of(new Clash(Clash.Kind.TWO_WORDS_ONE_ACTION, a.word(), b.word()));
        }
        return a.signal() == Signal.VOICE && soundAlike(a.word(), b.word())
                ? Optional.of(new Clash(Clash.Kind.SOUND_ALIKE, a.word(), b.word())) : Optional.empty();
    }
}

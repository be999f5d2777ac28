package cahier.core.method;

import cahier.core.decide.TrackKind;
import java.util.Arrays;
import java.util.Optional;
import java.util.regex.Pattern;

/** What is not offered, and is refused where it is written into a step: warnings vanish while fear stays (docs/rules.md 32). */
public enum Harm {

    STARTLING("shout|shouts|yell|yells|scold|scolds|spray|sprays|rattle|rattles|clap|claps"),
    HURTING("hit|hits|smack|smacks|slap|slaps|kick|kicks|shock|shocks|e-collar|prong|pinch|pinches|flick|flicks|tap on the nose"),
    CHOKING("choke|chokes|jerk|jerks|yank|yanks|slip lead tight"),
    PINNING("pin|pins|roll over by force|alpha roll|hold down|holds down|scruff"),
    FLOODING("flood|floods|force it to face|make it face|until it gives up|until it gives in"),
    /** On COMFORT alone: a no beside what it fears makes the fear worse. */
    CORRECTING("say no|says no|tell it off|tells it off|telling off|correct it|corrects it|correction|corrections");

    private final Pattern words;

    Harm(String words) {
        this.words = Pattern.compile("\\b(" + words + ")\\b", Pattern.CASE_INSENSITIVE);
    }

    /** The first kind of harm that a text asks for, whatever the track is about; whole words only. */
    public static Optional<Harm> in(String text) {
        return in(text, TrackKind.SKILL);
    }

    /** The first kind of harm that a text asks for on such a track; whole words only. */
    public static Optional<Harm> in(String text, TrackKind kind) {
        return Arrays.stream(values()).filter(h -> h != CORRECTING || kind == TrackKind.COMFORT).filter(h -> h.words.matcher(text).find()).findFirst();
    }

    /** The word that gave it away. */
    public Optional<String> wordIn(String text) {
        return words.matcher(text).results().map(r -> r.group()).findFirst();
    }
}

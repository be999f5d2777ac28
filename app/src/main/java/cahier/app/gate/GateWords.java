package cahier.app.gate;

import cahier.app.language.Words;
import cahier.core.gate.Profession;
import cahier.core.gate.RedFlag;
import cahier.core.gate.Topic;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** Red flags, topics and professions as pages say them. */
public final class GateWords {

    private GateWords() {
    }

    public static String of(RedFlag flag) {
        return switch (flag) {
            case BITE -> Words.say("gate.GateWords.a-bite-that-broke-skin");
            case CHILD_THREATENED -> Words.say("gate.GateWords.a-growl-or-snap-at");
            case SUDDEN_CHANGE -> Words.say("gate.GateWords.a-sudden-change-of-behaviour");
            case PAIN -> Words.say("gate.GateWords.signs-of-pain");
            case SELF_INJURY -> Words.say("gate.GateWords.hurts-itself");
            case PANIC_ALONE -> Words.say("gate.GateWords.panic-when-alone");
        };
    }

    public static String of(Topic topic) {
        return switch (topic) {
            case EVERYDAY -> Words.say("gate.GateWords.attention-and-manners");
            case BODY -> Words.say("gate.GateWords.positions-and-movement");
            case ITEMS -> Words.say("gate.GateWords.food-toys-and-other-things");
            case PEOPLE -> Words.say("gate.GateWords.people-and-children");
            case DOGS -> Words.say("gate.GateWords.other-dogs-and-animals");
            case HANDLING -> Words.say("gate.GateWords.touch-collar-and-muzzle");
            case ALONE -> Words.say("gate.GateWords.being-alone");
            case NOISE -> Words.say("gate.GateWords.noises");
        };
    }

    public static String of(Profession profession) {
        return switch (profession) {
            case VET -> Words.say("gate.GateWords.a-vet");
            case BEHAVIOURIST -> Words.say("gate.GateWords.a-qualified-behaviourist");
        };
    }

    /** "a vet or a qualified behaviourist". */
    public static String clearedBy(RedFlag flag) {
        return flag.clearedBy().stream().sorted().map(GateWords::of).collect(Collectors.joining(" or "));
    }

    /** "Touch, collar and muzzle; positions and movement": what a flag shuts, for the letter and the margin. */
    public static String shuts(RedFlag flag) {
        return Arrays.stream(Topic.values()).filter(flag::shuts).map(t -> of(t).toLowerCase(Locale.ROOT)).collect(Collectors.joining("; "));
    }

    /** "Shut: a growl or snap at a child. A qualified behaviourist first." */
    public static String shut(List<RedFlag> flags) {
        return flags.stream().map(f -> Words.say("gate.GateWords.first", of(f), clearedBy(f))).collect(Collectors.joining(" "));
    }
}

package cahier.app.gate;

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
            case BITE -> "A bite that broke skin";
            case CHILD_THREATENED -> "A growl or snap at a child";
            case SUDDEN_CHANGE -> "A sudden change of behaviour or appetite";
            case PAIN -> "Signs of pain";
            case SELF_INJURY -> "Hurts itself";
            case PANIC_ALONE -> "Panic when alone";
        };
    }

    public static String of(Topic topic) {
        return switch (topic) {
            case EVERYDAY -> "Attention and manners";
            case BODY -> "Positions and movement";
            case ITEMS -> "Food, toys and other things";
            case PEOPLE -> "People and children";
            case DOGS -> "Other dogs and animals";
            case HANDLING -> "Touch, collar and muzzle";
            case ALONE -> "Being alone";
            case NOISE -> "Noises";
        };
    }

    public static String of(Profession profession) {
        return switch (profession) {
            case VET -> "a vet";
            case BEHAVIOURIST -> "a qualified behaviourist";
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
        return flags.stream().map(f -> of(f) + ": " + clearedBy(f) + " first.").collect(Collectors.joining(" "));
    }
}

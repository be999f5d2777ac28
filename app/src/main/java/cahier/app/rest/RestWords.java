package cahier.app.rest;

import cahier.app.gate.GateWords;
import cahier.app.language.Words;
import cahier.app.web.Dates;
import cahier.core.gate.RedFlag;
import cahier.core.rest.Permit;
import cahier.core.rest.Why;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Why something is not practised as it is, in a sentence an owner understands; the same for phone, sheet and book. */
public final class RestWords {

    private RestWords() {
    }

    /**
     * What the sentences name.
     *
     * @param parkedUntil while it rests until a day
     * @param waitsFor what must be passed first; empty where it waits for nothing
     */
    public record Names(String dog, List<RedFlag> shutBy, @Nullable LocalDate parkedUntil, String waitsFor) {
    }

    /** The weightiest reason; empty when nothing holds it back. */
    public static String of(Permit permit, Names names) {
        return permit.why().stream().findFirst().map(w -> of(w, permit.isPractised(), names)).orElse("");
    }

    private static String of(Why why, boolean easier, Names names) {
        return switch (why) {
            case RED_FLAG -> Words.say("rest.RED_FLAG", names.dog(), seenBy(names.shutBy()));
            case TOO_MUCH -> Words.say(easier ? "rest.TOO_MUCH.easier" : "rest.TOO_MUCH");
            case PARKED -> names.parkedUntil() == null ? Words.say("rest.PARKED") : Words.say("rest.PARKED.until", Dates.longDate(names.parkedUntil()));
            case WAITS -> Words.say("rest.WAITS", names.waitsFor());
            case ALARM, RESTED, UNDECIDED, PUT_LOWER, STOPPED_TODAY, HEAT, GROWN_UPS_ONLY, ADULT_MISSING -> Words.say("rest." + why, names.dog());
        };
    }

    private static String seenBy(List<RedFlag> flags) {
        return flags.isEmpty() ? Words.say("rest.RED_FLAG.somebody") : flags.stream().map(GateWords::clearedBy).distinct().collect(Collectors.collectingAndThen(Collectors.toList(), Words::list));
    }

    /** For the trainer, of what was tapped all the same. */
    public static String mark(Why why) {
        return switch (why) {
            case ALARM -> Words.say("rest.RestWords.with-an-alarm-open");
            case RED_FLAG -> Words.say("rest.RestWords.under-a-red-flag");
            case RESTED -> Words.say("rest.RestWords.while-it-rested");
            case UNDECIDED, TOO_MUCH -> Words.say("rest.RestWords.while-it-waited-for-your");
            case GROWN_UPS_ONLY -> Words.say("rest.RestWords.by-a-child-and-it");
            case ADULT_MISSING -> Words.say("rest.RestWords.by-a-child-with-no");
            case PARKED, WAITS, PUT_LOWER, STOPPED_TODAY, HEAT -> why.name().toLowerCase(Locale.ROOT).replace('_', ' ');
        };
    }
}

package cahier.app.rest;

import cahier.app.gate.GateWords;
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
            case ALARM -> "Everything with " + names.dog() + " rests. Your trainer speaks with you first.";
            case RED_FLAG -> "This rests until " + seenBy(names.shutBy()) + " has seen " + names.dog() + ".";
            case RESTED -> "Your trainer has rested this one.";
            case UNDECIDED -> "This rests until your trainer says what comes next.";
            case TOO_MUCH -> easier ? "Stay on this easier step. Your trainer checks the harder one first." : "This rests until your trainer has looked.";
            case PARKED -> "This rests" + (names.parkedUntil() == null ? "." : " until " + Dates.longDate(names.parkedUntil()) + ".");
            case WAITS -> "This waits for " + names.waitsFor() + ".";
            case PUT_LOWER -> "Your trainer took this one step back.";
            case STOPPED_TODAY -> "No more of this today. Tomorrow again.";
            case HEAT -> "Too hot outdoors now. Wait until it is cooler.";
            case GROWN_UPS_ONLY -> "This one is for grown-ups.";
            case ADULT_MISSING -> "An adult must be there. Tap who it is.";
        };
    }

    private static String seenBy(List<RedFlag> flags) {
        return flags.isEmpty() ? "somebody" : flags.stream().map(GateWords::clearedBy).distinct().collect(Collectors.joining(" and "));
    }

    /** For the trainer, of what was tapped all the same. */
    public static String mark(Why why) {
        return switch (why) {
            case ALARM -> "with an alarm open";
            case RED_FLAG -> "under a red flag";
            case RESTED -> "while it rested";
            case UNDECIDED, TOO_MUCH -> "while it waited for your answer";
            case GROWN_UPS_ONLY -> "by a child, and it is for grown-ups";
            case ADULT_MISSING -> "by a child, with no adult named";
            case PARKED, WAITS, PUT_LOWER, STOPPED_TODAY, HEAT -> why.name().toLowerCase(Locale.ROOT).replace('_', ' ');
        };
    }
}

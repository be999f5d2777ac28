package cahier.app.track;

import cahier.app.language.Words;
import cahier.core.measure.Measure;
import cahier.core.pay.Feeding;
import cahier.core.pay.PaySheet;
import cahier.core.pay.Payoff;
import cahier.core.slip.Slip;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * How a step is taught, beside what it asks for.
 *
 * @param pay how and with what to pay
 * @param equipment what must be at hand, in words
 * @param slips kinds of misses that can happen here, {@link Slip#MOST} at most
 * @param events what happens one after the other, when the step is a chain; CLEAN means from the first to the last
 * @param payEveryS seconds from one pay to the next on average, when it is paid while it lasts; 1 to {@link PaySheet#LONGEST_MEAN}
 * @param payoffs what it may be paid with, drawn so that it cannot be guessed; none or two at least
 * @param traits what it is beside its criteria
 * @param feeding how often a clean rep is paid with food; none is every time
 * @param measure what it measures, where its criterion adjusts itself (docs/rules.md 39); none on every other step
 */
public record Teaching(String pay, String equipment, Helper helper, List<Slip> slips, List<String> events, @Nullable Integer payEveryS,
                       List<Payoff> payoffs, @JsonInclude(JsonInclude.Include.NON_EMPTY) List<Trait> traits, @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable Measure measure, @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable Feeding feeding) {

    public static final Teaching NONE = new Teaching("", "", Helper.NOBODY, List.of(), List.of(), null, List.of(), List.of(), null, null);

    /** Without traits. */
    public Teaching(String pay, String equipment, Helper helper, List<Slip> slips, List<String> events, @Nullable Integer payEveryS, List<Payoff> payoffs) {
        this(pay, equipment, helper, slips, events, payEveryS, payoffs, List.of(), null, null);
    }

    /** A step that measures nothing. */
    public Teaching(String pay, String equipment, Helper helper, List<Slip> slips, List<String> events, @Nullable Integer payEveryS, List<Payoff> payoffs, List<Trait> traits) {
        this(pay, equipment, helper, slips, events, payEveryS, payoffs, traits, null, null);
    }

    /** The same, measuring this. */
    public Teaching measuring(@Nullable Measure other) {
        return new Teaching(pay, equipment, helper, slips, events, payEveryS, payoffs, traits, other, feeding);
    }

    /** The same with every text changed so. */
    Teaching reading(UnaryOperator<String> change) {
        return new Teaching(change.apply(pay), change.apply(equipment), helper, slips, events.stream().map(change).toList(), payEveryS, payoffs, traits, measure, feeding);
    }

    /** With this chain of events, or none. */
    Teaching chained(List<String> other) {
        return new Teaching(pay, equipment, helper, slips, other, payEveryS, payoffs, traits, measure, feeding);
    }

    /** The same, fed so often. */
    public Teaching fed(Feeding other) {
        return new Teaching(pay, equipment, helper, slips, events, payEveryS, payoffs, traits, measure, other == Feeding.EVERY_TIME ? null : other);
    }

    /** How often a clean rep is paid with food. */
    @JsonIgnore
    public Feeding fed() {
        return feeding == null ? Feeding.EVERY_TIME : feeding;
    }

    public Teaching {
        pay = pay == null ? "" : pay;
        equipment = equipment == null ? "" : equipment;
        helper = helper == null ? Helper.NOBODY : helper;
        slips = slips == null ? List.of() : slips.stream().distinct().sorted().toList(); // in one order, so that none differs by it
        events = events == null ? List.of() : List.copyOf(events);
        payoffs = payoffs == null ? List.of() : List.copyOf(payoffs);
        traits = traits == null ? List.of() : traits.stream().distinct().sorted().toList();
        if (slips.size() > Slip.MOST) {
            throw new IllegalArgumentException(Words.say("track.Teaching.slips-must-be-at-most", Slip.MOST, slips.size()));
        }
    }

    /** Whether it is this beside its criteria. */
    public boolean has(Trait trait) {
        return traits.contains(trait);
    }

    /** Whether a session ends with the first clean rep. */
    @JsonIgnore
    public boolean isUntilClean() {
        return has(Trait.UNTIL_CLEAN);
    }

    /** Whether the lead goes on and off again as pay. */
    @JsonIgnore
    public boolean isLeadClipped() {
        return payoffs.contains(Payoff.LEAD_ON_OFF);
    }

    /** What was kept before steps had it has none of it. */
    static Teaching orNone(@Nullable Teaching teaching) {
        return teaching == null ? NONE : teaching;
    }
}

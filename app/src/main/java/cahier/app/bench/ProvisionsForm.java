package cahier.app.bench;

import cahier.app.web.Measures;
import cahier.core.exposure.Provisions;
import cahier.core.exposure.Traffic;
import cahier.core.food.FoodBudget;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What to take along for a long sitting, as it is typed (docs/rules.md 26).
 *
 * @param idle minutes between two pieces while nothing happens
 * @param each pieces for each passer-by
 * @param cuts pieces of one biscuit
 * @param carried pieces that are carried; empty when nobody said
 * @param seen passers-by counted at the place, in {@code during} minutes; empty when nobody counted
 */
public record ProvisionsForm(@Nullable String minutes, @Nullable String idle, @Nullable String passers, @Nullable String each, @Nullable String jackpots, @Nullable String cuts,
                             @Nullable String carried, @Nullable String seen, @Nullable String during) {

    public static final ProvisionsForm USUAL = new ProvisionsForm("45", "1.5", "10", "1", "2", Integer.toString(FoodBudget.Treats.USUAL_PER_BISCUIT), "", "", "10");
    private static final int LONGEST_MIN = 480;
    private static final int MOST = 500;

    /** What it comes to, in words; traffic is empty when nobody counted. */
    public record Result(Provisions provisions, String needed, String missing, String traffic) {
    }

    /** Reckons it; empty when something was refused. */
    Optional<Result> read(BenchCheck check) {
        int length = check.whole("Minutes", minutes, 1, LONGEST_MIN);
        double between = check.minutes("Minutes between two treats", idle, Provisions.LEAST_IDLE_MIN, Provisions.MOST_IDLE_MIN);
        int come = check.whole("Passers-by", passers, 0, MOST);
        int paid = check.whole("Treats for each", each, 0, 20);
        int jack = check.whole("Jackpots", jackpots, 0, 100);
        int cut = check.whole("Treats from one biscuit", cuts, 1, 100);
        int with = carried == null || carried.isBlank() ? -1 : check.whole("Carried", carried, 0, 2000);
        int counted = seen == null || seen.isBlank() ? -1 : check.whole("Counted", seen, 0, MOST);
        int window = check.whole("Counted in", during == null || during.isBlank() ? "10" : during, 1, LONGEST_MIN);
        if (!check.isFine()) {
            return Optional.empty();
        }
        Provisions p = Provisions.of(length, between, come, paid, jack, cut);
        int missing = with < 0 ? 0 : p.missing(with);
        return Optional.of(new Result(p, needed(p), missing == 0 ? "" : missing + (missing == 1 ? " treat" : " treats") + " short: you carry " + with + ".", counted < 0 ? "" : traffic(counted, window)));
    }

    /** "72 pieces: 18 biscuits to cut, 36 g, 126 kcal." */
    private static String needed(Provisions p) {
        double grams = p.pieces() * FoodBudget.Treats.USUAL_PIECE_G;
        return p.pieces() + (p.pieces() == 1 ? " treat: " : " treats: ") + p.biscuits() + (p.biscuits() == 1 ? " biscuit" : " biscuits") + " to cut, " + Measures.plain(grams, 1) + "\u00a0g, "
                + Math.round(grams * FoodBudget.Treats.USUAL_KCAL_PER_G) + "\u00a0kcal.";
    }

    private static String traffic(int counted, int minutes) {
        String every = counted == 0 ? "Nobody in " + minutes + " min" : "One every " + Measures.plain((double) minutes / counted, 1) + " min";
        return every + switch (Traffic.of(counted, minutes)) {
            case TOO_BUSY -> ": too busy. " + "One in " + Traffic.LEAST_MIN + " to " + Traffic.MOST_MIN + " min suits.";
            case TOO_EMPTY -> ": too empty. " + "One in " + Traffic.LEAST_MIN + " to " + Traffic.MOST_MIN + " min suits.";
            case SUITS -> ": this suits.";
        };
    }
}

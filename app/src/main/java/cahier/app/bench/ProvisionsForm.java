package cahier.app.bench;

import cahier.app.language.Words;
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
        double between = check.minutes(Words.say("bench.ProvisionsForm.minutes-between-two-treats"), idle, Provisions.LEAST_IDLE_MIN, Provisions.MOST_IDLE_MIN);
        int come = check.whole("Passers-by", passers, 0, MOST);
        int paid = check.whole(Words.say("bench.ProvisionsForm.treats-for-each"), each, 0, 20);
        int jack = check.whole("Jackpots", jackpots, 0, 100);
        int cut = check.whole(Words.say("bench.ProvisionsForm.treats-from-one-biscuit"), cuts, 1, 100);
        int with = carried == null || carried.isBlank() ? -1 : check.whole("Carried", carried, 0, 2000);
        int counted = seen == null || seen.isBlank() ? -1 : check.whole("Counted", seen, 0, MOST);
        int window = check.whole(Words.say("bench.ProvisionsForm.counted-in"), during == null || during.isBlank() ? "10" : during, 1, LONGEST_MIN);
        if (!check.isFine()) {
            return Optional.empty();
        }
        Provisions p = Provisions.of(length, between, come, paid, jack, cut);
        int missing = with < 0 ? 0 : p.missing(with);
        return Optional.of(new Result(p, needed(p), missing == 0 ? "" : Words.say("bench.ProvisionsForm.short-you-carry", missing, with), counted < 0 ? "" : traffic(counted, window)));
    }

    /** "72 pieces: 18 biscuits to cut, 36 g, 126 kcal." */
    private static String needed(Provisions p) {
        double grams = p.pieces() * FoodBudget.Treats.USUAL_PIECE_G;
        return Words.say("bench.ProvisionsForm.to-cut-g-kcal", p.pieces(), p.biscuits(), Measures.plain(grams, 1), Math.round(grams * FoodBudget.Treats.USUAL_KCAL_PER_G));
    }

    private static String traffic(int counted, int minutes) {
        String every = counted == 0 ? Words.say("bench.ProvisionsForm.nobody-in-min", minutes) : Words.say("bench.ProvisionsForm.one-every-min", Measures.plain((double) minutes / counted, 1));
        return every + switch (Traffic.of(counted, minutes)) {
            case TOO_BUSY -> Words.say("bench.ProvisionsForm.too-busy-one-in-to", Traffic.LEAST_MIN, Traffic.MOST_MIN);
            case TOO_EMPTY -> Words.say("bench.ProvisionsForm.too-empty-one-in-to", Traffic.LEAST_MIN, Traffic.MOST_MIN);
            case SUITS -> Words.say("bench.ProvisionsForm.this-suits");
        };
    }
}

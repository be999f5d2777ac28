package cahier.core.rep;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.apache.commons.numbers.gamma.LogBeta;

/**
 * Two people, or two places, whose reps differ by more than chance (docs/rules.md 2, gap).
 *
 * @param better whose true rate is most likely higher
 * @param worse the other
 * @param probability that it is higher, more than 0.5
 */
public record Gap(Share better, Share worse, double probability) {

    static final int LEAST_REPS = 8;
    static final double DOUBT = 0.05;

    public Gap {
        Objects.requireNonNull(better, "better");
        Objects.requireNonNull(worse, "worse");
    }

    /** CLEAN of reps, within what both have in common. */
    public record Share(String name, int clean, int reps) {

        public Share {
            if (reps < 0 || clean < 0 || clean > reps) {
                throw new IllegalArgumentException("clean must be from 0 to reps " + reps + ", was " + clean);
            }
        }
    }

    /**
     * P(the second's true rate is higher than the first's), each with a uniform prior: exact, by the sum over the first's CLEAN of
     * B(αa+i, βa+βb) / ((βb+i) B(1+i, βb) B(αa, βa)) for i = 0 .. αb-1.
     */
    public static double probability(Share first, Share second) {
        double alphaA = 1.0 + first.clean();
        double betaA = 1.0 + first.reps() - first.clean();
        double betaB = 1.0 + second.reps() - second.clean();
        double sum = 0;
        for (int i = 0; i <= second.clean(); i++) {
            sum += Math.exp(LogBeta.value(alphaA + i, betaA + betaB) - Math.log(betaB + i) - LogBeta.value(1.0 + i, betaB) - LogBeta.value(alphaA, betaA));
        }
        return sum;
    }

    /**
     * The gaps between any two of a visit, compared only where both practised in the same company, with 8 reps each at least.
     *
     * @param key what is compared, say {@code Session::person}; the empty name is left out
     * @param company what both must have in common, say {@code Session::place}
     */
    public static List<Gap> among(Visit visit, Function<Session, String> key, Function<Session, String> company) {
        List<String> names = visit.sessions().stream().map(key).filter(n -> !n.isEmpty()).distinct().sorted().toList();
        List<Share[]> pairs = new ArrayList<>();
        for (int a = 0; a < names.size(); a++) {
            for (int b = a + 1; b < names.size(); b++) {
                Set<String> common = companyOf(visit, key, company, names.get(a));
                common.retainAll(companyOf(visit, key, company, names.get(b)));
                Share first = share(visit, key, company, names.get(a), common);
                Share second = share(visit, key, company, names.get(b), common);
                if (first.reps() >= LEAST_REPS && second.reps() >= LEAST_REPS) {
                    pairs.add(new Share[] {first, second});
                }
            }
        }
        List<Gap> gaps = new ArrayList<>();
        for (Share[] pair : pairs) {
            double second = probability(pair[0], pair[1]);
            if (second >= 1 - DOUBT / pairs.size()) {
                gaps.add(new Gap(pair[1], pair[0], second));
            } else if (second <= DOUBT / pairs.size()) {
                gaps.add(new Gap(pair[0], pair[1], 1 - second));
            }
        }
        return List.copyOf(gaps);
    }

    private static Set<String> companyOf(Visit visit, Function<Session, String> key, Function<Session, String> company, String name) {
        return visit.sessions().stream().filter(s -> key.apply(s).equals(name) && !s.work().isEmpty()).map(company).collect(Collectors.toSet());
    }

    private static Share share(Visit visit, Function<Session, String> key, Function<Session, String> company, String name, Set<String> common) {
        List<Rep> reps = visit.sessions().stream().filter(s -> key.apply(s).equals(name) && common.contains(company.apply(s)))
                .flatMap(s -> s.work().stream()).toList();
        return new Share(name, (int) reps.stream().filter(Rep::isClean).count(), reps.size());
    }
}

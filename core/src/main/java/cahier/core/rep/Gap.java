package cahier.core.rep;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.apache.commons.numbers.gamma.LogBeta;

/**
 * Two people, places, hands or items whose reps differ by more than chance (docs/rules.md 2, gap).
 *
 * @param better whose true rate is most likely higher
 * @param worse the other
 * @param probability that it is higher, more than 0.5
 */
public record Gap(Share better, Share worse, double probability) {

    static final int LEAST_REPS = 8;
    /** To either side: 1 in 100 in all, for each pair compared. It is asked at every close, so that it must be rarer than for a single look. */
    static final double DOUBT = 0.005;

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
        return among(visit, key, company, DOUBT);
    }

    static List<Gap> among(Visit visit, Function<Session, String> key, Function<Session, String> company, double doubt) {
        return among(trials(visit, (session, rep) -> key.apply(session), company), doubt);
    }

    /** The same between what the reps were done with, say {@code With::item}; compared only where the same people used both. */
    public static List<Gap> amongWith(Visit visit, Function<With, String> key) {
        return among(trials(visit, (session, rep) -> key.apply(rep.with()), Session::person), DOUBT);
    }

    private record Trial(String name, String company, boolean clean) {
    }

    private static List<Trial> trials(Visit visit, BiFunction<Session, Rep, String> key, Function<Session, String> company) {
        return visit.sessions().stream().flatMap(s -> s.work().stream().map(r -> new Trial(key.apply(s, r), company.apply(s), r.isClean()))).filter(t -> !t.name().isEmpty()).toList();
    }

    private static List<Gap> among(List<Trial> trials, double doubt) {
        List<String> names = trials.stream().map(Trial::name).distinct().sorted().toList();
        List<Share[]> pairs = new ArrayList<>();
        for (int a = 0; a < names.size(); a++) {
            for (int b = a + 1; b < names.size(); b++) {
                Set<String> common = companyOf(trials, names.get(a));
                common.retainAll(companyOf(trials, names.get(b)));
                String one = names.get(a);
                String other = names.get(b);
                List<Trial> paired = paired(trials.stream().filter(t -> (t.name().equals(one) || t.name().equals(other)) && common.contains(t.company())).toList());
                Share first = share(paired, one);
                Share second = share(paired, other);
                if (first.reps() >= LEAST_REPS && second.reps() >= LEAST_REPS) {
                    pairs.add(new Share[] {first, second});
                }
            }
        }
        List<Gap> gaps = new ArrayList<>();
        for (Share[] pair : pairs) {
            double second = probability(pair[0], pair[1]);
            if (second >= 1 - doubt / pairs.size()) {
                gaps.add(new Gap(pair[1], pair[0], second));
            } else if (second <= doubt / pairs.size()) {
                gaps.add(new Gap(pair[0], pair[1], 1 - second));
            }
        }
        return List.copyOf(gaps);
    }

    private static Set<String> companyOf(List<Trial> trials, String name) {
        return trials.stream().filter(t -> t.name().equals(name)).map(Trial::company).collect(Collectors.toSet());
    }

    /**
     * As many of one as of the other, nearest in time: where they take turns, the last of a turn and the first of the next. The dog learns meanwhile, and who practised more at first
     * would look the worse for it.
     */
    private static List<Trial> paired(List<Trial> both) {
        List<Trial> paired = new ArrayList<>();
        List<Trial> before = List.of();
        for (int from = 0; from < both.size(); ) {
            int to = from;
            while (to < both.size() && both.get(to).name().equals(both.get(from).name())) {
                to++;
            }
            List<Trial> turn = both.subList(from, to);
            int same = Math.min(before.size(), turn.size());
            paired.addAll(before.subList(before.size() - same, before.size()));
            paired.addAll(turn.subList(0, same));
            before = turn.subList(same, turn.size());
            from = to;
        }
        return paired;
    }

    private static Share share(List<Trial> trials, String name) {
        List<Trial> shared = trials.stream().filter(t -> t.name().equals(name)).toList();
        return new Share(name, (int) shared.stream().filter(Trial::clean).count(), shared.size());
    }
}

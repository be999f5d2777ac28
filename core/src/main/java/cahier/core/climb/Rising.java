package cahier.core.climb;

import cahier.core.climb.Between.Asks;
import cahier.core.climb.Between.Criterion;
import cahier.core.climb.Between.Harder;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * What each step of a track raises and relaxes over another, by the rule <em>raise one thing, relax the rest</em> (docs/rules.md 6). What is only words
 * rises in the order in which the track first uses it. Who helps is not asked of the dog and is left out.
 */
public final class Rising {

    /** From as many raised at once on, a step asks for too much. */
    public static final int TOO_MANY = 2;

    private static final Set<Criterion> COMPARED = EnumSet.complementOf(EnumSet.of(Criterion.HELPER));

    private final List<Asks> steps;
    private final boolean nearer;

    /**
     * @param steps of one track, in order
     * @param distance which way it gets harder; where that is not known it is the way from the first distance to the last, further where they are the same
     */
    public Rising(List<Asks> steps, Harder distance) {
        this.steps = List.copyOf(steps);
        List<Double> metres = this.steps.stream().map(Asks::metres).filter(m -> m != null).toList();
        this.nearer = distance == Harder.NEARER || distance == Harder.UNKNOWN && !metres.isEmpty() && metres.get(0) > metres.get(metres.size() - 1);
    }

    /** Whether a distance gets harder the nearer it is. */
    public boolean isNearer() {
        return nearer;
    }

    /** What a step asks more of than another, both 0-based, in the order of {@link Criterion}. */
    public List<Criterion> raised(int before, int step) {
        return COMPARED.stream().filter(c -> compare(c, before, step) > 0).toList();
    }

    /** What it asks less of. */
    public List<Criterion> relaxed(int before, int step) {
        return COMPARED.stream().filter(c -> compare(c, before, step) < 0).toList();
    }

    /** Those of what a step raises over the one before it that a step between them leaves as they were: the later half, the larger where they are odd; none where one alone is raised. */
    public List<Criterion> leftBetween(int step) {
        List<Criterion> raised = raised(step - 1, step);
        return raised.size() < TOO_MANY ? List.of() : raised.subList(raised.size() / 2, raised.size());
    }

    private int compare(Criterion criterion, int before, int step) {
        Asks a = steps.get(before);
        Asks b = steps.get(step);
        return switch (criterion) {
            case PLACE -> a.difficulty().isPresent() && b.difficulty().isPresent() && a.difficulty().getAsInt() != b.difficulty().getAsInt()
                    ? Integer.compare(b.difficulty().getAsInt(), a.difficulty().getAsInt()) : inOrder(Asks::place, before, step);
            case DISTANCE -> Double.compare(height(b), height(a));
            case DURATION -> Double.compare(orNone(b.seconds()), orNone(a.seconds()));
            case DISTRACTION -> inOrder(Asks::distraction, before, step);
            case COMPANY -> inOrder(Asks::company, before, step);
            case HELPER -> 0;
            case AID -> b.aid().compareTo(a.aid());
            case WORD -> inOrder(Asks::word, before, step);
            case CHAIN -> Integer.compare(b.events().size(), a.events().size());
            case FOOD -> Integer.compare(b.feeding(), a.feeding());
        };
    }

    private double height(Asks step) {
        return step.metres() == null ? Double.NEGATIVE_INFINITY : nearer ? -step.metres() : step.metres();
    }

    private static double orNone(@Nullable Double value) {
        return value == null ? 0 : value;
    }

    private int inOrder(Function<Asks, String> words, int before, int step) {
        List<String> used = new ArrayList<>(steps.stream().map(words).map(Rising::folded).distinct().toList());
        return Integer.compare(used.indexOf(folded(words.apply(steps.get(step)))), used.indexOf(folded(words.apply(steps.get(before)))));
    }

    private static String folded(String text) {
        return text.strip().toLowerCase(Locale.ROOT);
    }
}

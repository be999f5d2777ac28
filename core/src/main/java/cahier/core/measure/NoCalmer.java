package cahier.core.measure;

import cahier.core.exposure.LongWatching;
import cahier.core.exposure.LongWatching.Moment;
import cahier.core.exposure.LongWatching.Seen;
import cahier.core.rep.Rep;
import cahier.core.rep.Session;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A dog that gets no calmer over three sittings (docs/rules.md 39): no calmer towards the end of any of them, and no calmer in the latest than in the first of them.
 *
 * @param first calm percent of the first of the three, 0 to 99
 * @param latest calm percent of the latest, at most {@code first}
 */
public record NoCalmer(int first, int latest) {

    private static final int SITTINGS = 3;

    /** A sitting of which something can be said: how calm it was, and whether it became calmer. */
    private record Sitting(double calm, double trend) {
    }

    /**
     * Reads it from the latest three sittings in which something passed in two quarters of an hour or more; empty with fewer.
     *
     * @param sittings oldest first; the value of a rep is minutes since its sitting began
     */
    public static Optional<NoCalmer> of(List<Session> sittings) {
        List<Sitting> said = sittings.stream().flatMap(s -> of(s).stream()).toList();
        if (said.size() < SITTINGS) {
            return Optional.empty();
        }
        List<Sitting> three = said.subList(said.size() - SITTINGS, said.size());
        double first = three.get(0).calm();
        double latest = three.get(SITTINGS - 1).calm();
        return latest <= first && three.stream().allMatch(s -> s.trend() <= 0 && s.calm() < 1) ? Optional.of(new NoCalmer(percent(first), percent(latest))) : Optional.empty();
    }

    private static Optional<Sitting> of(Session session) {
        List<Rep> passed = session.work().stream().filter(r -> r.value().isPresent()).toList();
        List<Moment> moments = passed.stream().map(r -> new Moment((int) Math.round(60 * r.value().getAsDouble()), r.isClean() ? Seen.CALM : Seen.REACTED)).toList();
        OptionalDouble trend = LongWatching.of(moments, moments.stream().mapToInt(Moment::second).max().orElse(0)).trend();
        return trend.isEmpty() ? Optional.empty() : Optional.of(new Sitting((double) passed.stream().filter(Rep::isClean).count() / passed.size(), trend.getAsDouble()));
    }

    private static int percent(double share) {
        return (int) Math.floor(100 * share);
    }
}

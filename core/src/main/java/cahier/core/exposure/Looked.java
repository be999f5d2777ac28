package cahier.core.exposure;

import java.time.Instant;
import java.util.List;

/**
 * Something a dog met, and when (docs/rules.md 9).
 *
 * @param moves whether it moves where the dog works: not what came before the trainer put it there, nor what passed a sitting
 */
public record Looked(Instant at, Exposure exposure, boolean moves) {

    /** What an estimate takes on a day: of the {@link WorkingDistance#DAYS} days before it, the latest {@link WorkingDistance#MOST}. */
    public static List<Exposure> lately(List<Looked> oldestFirst, Instant day) {
        Instant since = day.minus(WorkingDistance.LATELY);
        List<Exposure> then = oldestFirst.stream().filter(l -> l.at().isAfter(since) && !l.at().isAfter(day)).map(Looked::exposure).toList();
        return then.subList(Math.max(0, then.size() - WorkingDistance.MOST), then.size());
    }
}

package cahier.core.week;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A part of the planned week, in minutes of the household's wall time from the first midnight on.
 *
 * @param startInclusive 0 or more
 * @param endExclusive above {@code startInclusive}
 */
public record Span(int startInclusive, int endExclusive) {

    public static final int DAY = 1440;

    public Span {
        if (!(startInclusive >= 0 && endExclusive > startInclusive)) {
            throw new IllegalArgumentException("a span must start at 0 or later and end after it starts, was " + startInclusive + " to " + endExclusive);
        }
    }

    /** Whether they share a minute; where one ends as the other begins they do not. */
    public boolean overlaps(Span other) {
        return startInclusive < other.endExclusive && other.startInclusive < endExclusive;
    }

    /** Whether the minute is within, its first included, its end not. */
    public boolean contains(int minute) {
        return minute >= startInclusive && minute < endExclusive;
    }

    /** The same time in as few spans as possible, earliest first. */
    public static List<Span> merged(List<Span> spans) {
        List<Span> merged = new ArrayList<>();
        for (Span next : spans.stream().sorted(Comparator.comparingInt(Span::startInclusive)).toList()) {
            Span last = merged.isEmpty() ? null : merged.get(merged.size() - 1);
            if (last != null && next.startInclusive <= last.endExclusive) {
                merged.set(merged.size() - 1, new Span(last.startInclusive, Math.max(last.endExclusive, next.endExclusive)));
            } else {
                merged.add(next);
            }
        }
        return merged;
    }

    /** What is left of {@code spans} without {@code taken}. */
    public static List<Span> without(List<Span> spans, List<Span> taken) {
        List<Span> left = merged(spans);
        for (Span away : merged(taken)) {
            List<Span> cut = new ArrayList<>();
            for (Span s : left) {
                if (!s.overlaps(away)) {
                    cut.add(s);
                    continue;
                }
                if (s.startInclusive < away.startInclusive) {
                    cut.add(new Span(s.startInclusive, away.startInclusive));
                }
                if (away.endExclusive < s.endExclusive) {
                    cut.add(new Span(away.endExclusive, s.endExclusive));
                }
            }
            left = cut;
        }
        return left;
    }

    /** For how many minutes from {@code minute} on these merged spans last; 0 when none holds it. */
    static int lastsFrom(List<Span> merged, int minute) {
        return merged.stream().filter(s -> s.contains(minute)).mapToInt(s -> s.endExclusive - minute).findFirst().orElse(0);
    }
}

package cahier.core.lesson;

import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A date for the lesson after this one (docs/rules.md 19).
 *
 * @param at where the household lives
 * @param clash what it would run into; empty where it is free
 */
public record NextDate(LocalDateTime at, String clash) {

    /** So many free ones are proposed. */
    public static final int FREE = 3;
    private static final int DAYS_A_WEEK = 7;
    private static final int MOST_WEEKS = 8;
    private static final int GAPS = 4;
    private static final int HALF_HOUR = 30;
    private static final int MOST_HALF_HOURS = 6;
    private static final LocalTime EARLIEST = LocalTime.of(8, 0);
    private static final LocalTime LATEST = LocalTime.of(20, 0);
    private static final int[] OTHER_DAYS = {1, -1, 2, -2};

    /**
     * Something the trainer has on.
     *
     * @param travelMinutes the way there
     */
    public record Taken(LocalDateTime from, LocalDateTime to, int travelMinutes, String title) {
    }

    /** Whether there is nothing on at that time, nor on the way to it or from it. */
    public boolean isFree() {
        return clash.isEmpty();
    }

    /**
     * Proposes some: first the day and the hour that the household is used to, whether free or not; then {@link #FREE} that are free in all, on the same day as near that hour as can
     * be, then at that hour a day or two beside it.
     *
     * @param lessons when lessons of the household began, oldest first, this one last; one at least
     * @param usualDays from one lesson to the next where the household has no rhythm yet, 1 or more
     * @param minutes of the next one
     * @param travelMinutes the way there
     */
    public static List<NextDate> propose(List<LocalDateTime> lessons, int usualDays, int minutes, int travelMinutes, List<Taken> taken) {
        LocalDateTime usual = lessons.get(lessons.size() - 1).plusDays(days(lessons, usualDays));
        List<LocalDateTime> others = new ArrayList<>();
        for (int i = 1; i <= MOST_HALF_HOURS; i++) {
            for (int sign : new int[] {1, -1}) {
                LocalDateTime at = usual.plusMinutes((long) sign * i * HALF_HOUR);
                if (at.toLocalDate().equals(usual.toLocalDate()) && !at.toLocalTime().isBefore(EARLIEST) && !at.plusMinutes(minutes).toLocalTime().isAfter(LATEST)) {
                    others.add(at);
                }
            }
        }
        for (int days : OTHER_DAYS) {
            others.add(usual.plusDays(days));
        }
        List<NextDate> proposed = new ArrayList<>(List.of(of(usual, minutes, travelMinutes, taken)));
        for (LocalDateTime at : others) {
            NextDate next = of(at, minutes, travelMinutes, taken);
            if (next.isFree() && proposed.stream().filter(NextDate::isFree).count() < FREE && proposed.stream().filter(NextDate::isFree).allMatch(p -> Math.abs(ChronoUnit.MINUTES.between(p.at, at)) >= 2 * HALF_HOUR)) {
                proposed.add(next);
            }
        }
        return proposed;
    }

    /** Whether one of the two is still on when somebody must leave for the other. */
    public static <T extends Comparable<? super T>> boolean meet(T leavesOne, T endsOne, T leavesOther, T endsOther) {
        return leavesOne.compareTo(endsOther) < 0 && leavesOther.compareTo(endsOne) < 0;
    }

    private static NextDate of(LocalDateTime at, int minutes, int travelMinutes, List<Taken> taken) {
        return new NextDate(at, taken.stream().filter(t -> meet(at.minusMinutes(travelMinutes), at.plusMinutes(minutes), t.from().minusMinutes(t.travelMinutes()), t.to())).map(Taken::title).findFirst().orElse(""));
    }

    /** The middle of the latest gaps in whole weeks, 1 to 8; the usual days where there is none yet. */
    static int days(List<LocalDateTime> lessons, int usualDays) {
        List<Long> gaps = IntStream.range(Math.max(1, lessons.size() - GAPS), lessons.size()).mapToObj(i -> ChronoUnit.DAYS.between(lessons.get(i - 1).toLocalDate(), lessons.get(i).toLocalDate())).sorted().toList();
        return gaps.isEmpty() ? usualDays : DAYS_A_WEEK * (int) Math.max(1, Math.min(MOST_WEEKS, Math.round(gaps.get(gaps.size() / 2) / (double) DAYS_A_WEEK)));
    }
}

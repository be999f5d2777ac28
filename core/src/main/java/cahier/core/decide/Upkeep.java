package cahier.core.decide;

import cahier.core.rep.Rep;
import cahier.core.rep.Session;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/** A track whose goal is reached is looked at now and then with one cold rep (docs/rules.md 4, Upkeep). */
public final class Upkeep {

    /** Days after the goal on which a cold rep is asked for; then every {@link #EVERY_DAYS}. */
    static final List<Integer> FIRST_DAYS = List.of(7, 14, 30, 60);
    static final int EVERY_DAYS = 60;
    /** So many of the latest tries not CLEAN reopen the track. */
    static final int REOPENS_AT = 2;
    static final int OF_LAST = 5;

    private Upkeep() {
    }

    /**
     * The day from which the next cold rep is asked for; in the past when it is overdue. There always is one.
     *
     * @param done the day the goal was reached, in the household's zone
     * @param tried days with a rep of the track since then, any order
     * @param changed days of a change of season or home, any order; those before the goal do not count
     */
    public static LocalDate next(LocalDate done, List<LocalDate> tried, List<LocalDate> changed) {
        LocalDate last = tried.stream().reduce(done, (a, b) -> a.isAfter(b) ? a : b);
        Stream<LocalDate> planned = Stream.concat(FIRST_DAYS.stream().map(done::plusDays), Stream.of(everySixty(done, last)));
        return Stream.concat(planned, changed.stream().filter(c -> c.isAfter(done))).filter(d -> d.isAfter(last)).min(LocalDate::compareTo).orElseThrow();
    }

    /** The first day of the regular ones after {@code last}. */
    private static LocalDate everySixty(LocalDate done, LocalDate last) {
        LocalDate day = done.plusDays(FIRST_DAYS.get(FIRST_DAYS.size() - 1) + (long) EVERY_DAYS);
        while (!day.isAfter(last)) {
            day = day.plusDays(EVERY_DAYS);
        }
        return day;
    }

    /**
     * STAY [REOPENED] with what reopens it: a TOO_MUCH of any role, or two of the last five cold reps not CLEAN, fewer where there are fewer; empty while it holds.
     *
     * @param since every session of the track since the goal was reached
     */
    public static Optional<Suggestion> reopens(List<Session> since) {
        Objects.requireNonNull(since, "since");
        int tooMuch = since.stream().mapToInt(Session::tooMuch).sum();
        List<Rep> cold = since.stream().flatMap(s -> s.coldRep().stream()).toList();
        List<Rep> latest = cold.subList(Math.max(0, cold.size() - OF_LAST), cold.size());
        int off = (int) latest.stream().filter(r -> !r.isClean()).count();
        List<Reason> reasons = new ArrayList<>();
        if (tooMuch > 0) {
            reasons.add(Reason.of(Reason.Code.TOO_MUCH_SINCE_DONE, tooMuch, 0));
        }
        if (off >= REOPENS_AT) {
            reasons.add(Reason.of(Reason.Code.COLD_OFF_OF_LAST, off, latest.size()));
        }
        return reasons.isEmpty() ? Optional.empty() : Optional.of(new Suggestion(Decision.STAY, Cause.REOPENED, reasons, List.of(), Optional.empty()));
    }
}

package cahier.core.week;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** Made-up weeks for the tests: 2026-06-15 is a Monday, minute 0 its midnight. */
final class Weeks {

    static final long DELE = 1;
    static final long MARIT = 2;
    static final long NOOR = 3;

    private Weeks() {
    }

    /** "8:00-9:00" on that day of the week, 0 to 6. */
    static Span on(int day, int fromHour, int toHour) {
        return new Span(day * Span.DAY + fromHour * 60, day * Span.DAY + toHour * 60);
    }

    static List<Span> daily(int fromHour, int toHour) {
        return IntStream.range(0, Week.DAYS).mapToObj(d -> on(d, fromHour, toHour)).toList();
    }

    static int at(int day, int hour, int minute) {
        return day * Span.DAY + hour * 60 + minute;
    }

    static Someone adult(long id, List<Span> free) {
        return new Someone(id, true, true, free);
    }

    static Someone child(long id, List<Span> free) {
        return new Someone(id, true, false, free);
    }

    /** Five minutes indoors, alone, of one dog; what differs is set by the test. */
    static Dose dose(long track, long dog, int perDay) {
        return new Dose(track, dog, perDay, 5, 10, Company.NOBODY, false, false, 0.7, List.of(), 0, false);
    }

    static Dose lasting(int minutes, Dose d) {
        return new Dose(d.trackId(), d.dogId(), d.perDay(), minutes, d.span(), d.company(), d.outdoors(), d.calm(), d.success(), d.busy(), d.done(), d.grownUps());
    }

    static Dose with(Company company, Dose d) {
        return new Dose(d.trackId(), d.dogId(), d.perDay(), d.minutes(), d.span(), company, d.outdoors(), d.calm(), d.success(), d.busy(), d.done(), d.grownUps());
    }

    static Dose outdoors(Dose d) {
        return new Dose(d.trackId(), d.dogId(), d.perDay(), d.minutes(), d.span(), d.company(), true, d.calm(), d.success(), d.busy(), d.done(), d.grownUps());
    }

    static Dose calm(Dose d) {
        return new Dose(d.trackId(), d.dogId(), d.perDay(), d.minutes(), d.span(), d.company(), d.outdoors(), true, d.success(), d.busy(), d.done(), d.grownUps());
    }

    static Dose sure(double success, Dose d) {
        return new Dose(d.trackId(), d.dogId(), d.perDay(), d.minutes(), d.span(), d.company(), d.outdoors(), d.calm(), success, d.busy(), d.done(), d.grownUps());
    }

    static Dose busyAt(Span busy, Dose d) {
        return new Dose(d.trackId(), d.dogId(), d.perDay(), d.minutes(), d.span(), d.company(), d.outdoors(), d.calm(), d.success(), List.of(busy), d.done(), d.grownUps());
    }

    static Dose done(int sessions, Dose d) {
        return new Dose(d.trackId(), d.dogId(), d.perDay(), d.minutes(), d.span(), d.company(), d.outdoors(), d.calm(), d.success(), d.busy(), sessions, d.grownUps());
    }

    static Week week(List<Someone> people, Dose... doses) {
        return new Week(0, people, List.of(), List.of(), List.of(), List.of(), Week.ANY_MINUTES, List.of(doses), List.of(), List.of());
    }

    /** The largest household there is to plan for: 4 people, 3 dogs, 7 tracks, with everything that can be in the way. */
    static Week largest() {
        List<Span> mornings = new ArrayList<>(daily(7, 9));
        List<Span> evenings = daily(17, 21);
        List<Someone> people = List.of(adult(1, Span.merged(join(mornings, evenings))), adult(2, daily(18, 21)), adult(3, join(List.of(on(5, 9, 13), on(6, 9, 13)), daily(12, 13))), child(4, daily(16, 19)));
        List<Dose> doses = List.of(sure(0.4, dose(1, 1, 2)), sure(0.8, outdoors(dose(2, 1, 1))), calm(lasting(20, dose(3, 1, 1))), with(Company.HOUSEHOLD, dose(4, 2, 2)),
                sure(0.9, busyAt(on(0, 17, 18), outdoors(dose(5, 2, 2)))), with(Company.FRIEND, lasting(10, dose(6, 3, 1))), dose(7, 3, 3));
        List<Span> hot = daily(13, 18);
        return new Week(at(0, 6, 0), people, List.of(on(5, 10, 12), on(2, 18, 20)), List.of(), hot, join(daily(7, 8), daily(17, 18)), Week.ANY_MINUTES, doses, List.of(new Week.Apart(1, 2)), List.of());
    }

    static List<Span> join(List<Span> some, List<Span> more) {
        List<Span> all = new ArrayList<>(some);
        all.addAll(more);
        return all;
    }

    static Dose forGrownUps(Dose d) {
        return new Dose(d.trackId(), d.dogId(), d.perDay(), d.minutes(), d.span(), d.company(), d.outdoors(), d.calm(), d.success(), d.busy(), d.done(), true);
    }
}

package cahier.speed;

import cahier.core.decide.Case;
import cahier.core.decide.PersonGap;
import cahier.core.decide.TrackKind;
import cahier.core.exposure.Exposure;
import cahier.core.exposure.Response;
import cahier.core.forecast.Forecast;
import cahier.core.forecast.Pace;
import cahier.core.pass.Odds;
import cahier.core.pass.Run;
import cahier.core.pass.Spread;
import cahier.core.rehearse.Answering;
import cahier.core.rehearse.Owners;
import cahier.core.rehearse.Plan;
import cahier.core.rehearse.Rehearsal;
import cahier.core.rehearse.Rules;
import cahier.core.rep.Outcome;
import cahier.core.rep.Rep;
import cahier.core.rep.Role;
import cahier.core.rep.Session;
import cahier.core.rep.Visit;
import cahier.core.week.Company;
import cahier.core.week.Dose;
import cahier.core.week.Someone;
import cahier.core.week.Span;
import cahier.core.week.Week;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import java.util.stream.IntStream;

/** Tracks and households that are made up, the same each time. */
final class MadeUp {

    static final LocalDate TODAY = LocalDate.of(2026, 6, 15);
    private static final List<Integer> DAYS = List.of(8, 0, 16, 8, 0, 0, 16, 8, 8, 0, 16, 0, 8, 8, 0, 16, 0, 8, 0, 8, 16);

    private MadeUp() {
    }

    /** @param steps still to come, each with 13 reps to expect and 5 at least */
    static Forecast forecast(int steps, int runs) {
        return Forecast.of(new Forecast.Track(Pace.MADE_UP.after(List.of(0.4, 0.1, 0.6)), Collections.nCopies(steps, new Forecast.Ahead(13, 5)), 3, DAYS, 16), TODAY, Optional.of(TODAY.plusDays(14)), 7, runs);
    }

    /** Practised five days a week, the owner moving on. */
    static Rehearsal rehearsal(int steps) {
        return Rehearsal.of(Plan.even(TrackKind.SKILL, steps, Odds.usual(Spread.NONE), 8), 0, Owners.one(5.0 / 7), Answering.OWNER_MOVES_ON, Rules.TODAY, List.of(), 7);
    }

    /** A track of so many sessions of eight reps, a day each, two people in turn in two places; never passed. */
    static Case track(int sessions) {
        List<Session> all = new ArrayList<>();
        for (int n = 0; n < sessions; n++) {
            LocalDate day = TODAY.minusDays(sessions - n);
            List<Rep> reps = new ArrayList<>();
            for (int i = 0; i < 8; i++) {
                reps.add(new Rep(new UUID(n, i), day.atTime(9, 0).toInstant(ZoneOffset.UTC).plusSeconds(30L * i), (n + i) % 3 == 0 ? Outcome.HELPED : Outcome.CLEAN, Role.WORK));
            }
            all.add(new Session(n % 2 == 0 ? "1" : "2", n % 3 == 0 ? "1" : "2", day, true, reps));
        }
        return new Case(TrackKind.SKILL, new Run(8, Spread.NONE), Case.STALE_DAYS, new Visit(all), new Case.Step(1, 5, false, false, 30), new Case.History(false, OptionalLong.of(0), 0, Optional.empty(), PersonGap.Before.NONE));
    }

    /** Each at another distance. */
    static List<Exposure> exposures(int many) {
        return IntStream.range(0, many).mapToObj(i -> new Exposure(12 + i * 0.3, i % 5 == 0 ? Response.REACTED : Response.UNPROMPTED)).toList();
    }

    /** From one person with one dog to four people with three dogs and seven tracks. */
    static Map<String, Week> households() {
        Map<String, Week> all = new LinkedHashMap<>();
        all.put("1 person, 1 dog, 2 tracks", week(List.of(adult(1, daily(7, 9), daily(18, 20))), dose(1, 1, 2, Company.NOBODY, false), dose(2, 1, 2, Company.NOBODY, false)));
        all.put("2 people, 2 dogs, 4 tracks", week(List.of(adult(1, daily(7, 8), daily(18, 21)), adult(2, daily(18, 21))), dose(1, 1, 2, Company.NOBODY, false), dose(2, 1, 1, Company.HOUSEHOLD, false),
                dose(3, 2, 2, Company.NOBODY, true), dose(4, 2, 1, Company.NOBODY, false)));
        all.put("4 people, 3 dogs, 7 tracks", week(List.of(adult(1, daily(7, 9), daily(17, 21)), adult(2, daily(18, 21)), adult(3, daily(12, 13), List.of(on(5, 9, 13), on(6, 9, 13))), new Someone(4, true, false, daily(16, 19))),
                dose(1, 1, 2, Company.NOBODY, false), dose(2, 1, 1, Company.NOBODY, true), dose(3, 1, 1, Company.NOBODY, false), dose(4, 2, 2, Company.HOUSEHOLD, false), dose(5, 2, 2, Company.NOBODY, true),
                dose(6, 3, 1, Company.FRIEND, false), dose(7, 3, 3, Company.NOBODY, false)));
        return all;
    }

    private static Week week(List<Someone> people, Dose... doses) {
        return new Week(6 * 60, people, List.of(on(5, 10, 12), on(2, 18, 20)), List.of(), daily(13, 18), daily(7, 8), Week.ANY_MINUTES, List.of(doses), List.of(new Week.Apart(1, 2)), List.of());
    }

    private static Dose dose(long track, long dog, int perDay, Company company, boolean outdoors) {
        return new Dose(track, dog, perDay, 5, 10, company, outdoors, track == 3, track / 10.0, List.of(), 0, false);
    }

    @SafeVarargs
    private static Someone adult(long id, List<Span>... free) {
        List<Span> all = new ArrayList<>();
        for (List<Span> some : free) {
            all.addAll(some);
        }
        return new Someone(id, true, true, all);
    }

    private static Span on(int day, int from, int to) {
        return new Span(day * Span.DAY + from * 60, day * Span.DAY + to * 60);
    }

    private static List<Span> daily(int from, int to) {
        return IntStream.range(0, Week.DAYS).mapToObj(d -> on(d, from, to)).toList();
    }
}

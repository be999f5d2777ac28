package cahier.app.judge;

import cahier.app.draw.Drawing;
import cahier.app.draw.OddsCurve;
import cahier.app.draw.RepStrip;
import cahier.app.household.Facts;
import cahier.app.household.Person;
import cahier.app.household.Place;
import cahier.app.language.Words;
import cahier.app.log.Detail;
import cahier.app.log.KeptRep;
import cahier.app.log.RepWords;
import cahier.app.track.SlipWords;
import cahier.app.track.Step;
import cahier.app.web.Dates;
import cahier.core.decide.Case;
import cahier.core.forecast.Effort;
import cahier.core.rep.Cells;
import cahier.core.rep.Evidence;
import cahier.core.rep.Outcome;
import cahier.core.rep.Rep;
import cahier.core.rep.Role;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The evidence at the current step, for the trainer to look at before deciding.
 *
 * @param reps WORK reps of the visit
 * @param strip the last 20 of them
 * @param counts the same in words
 * @param odds how likely each true rate is
 * @param oddsSaid "91 chances in 100"
 * @param cold the first tries of the sessions, in words; empty without any
 * @param table person by place
 * @param by side and item, in words, where they were said
 * @param slips what the misses were, in words
 * @param last the reps of the strip, newest first
 * @param effort how many more reps it takes at the present rate, in words
 */
public record EvidenceView(int reps, Drawing strip, String counts, Drawing odds, String oddsSaid, String cold, Table table, List<String> by, String slips, String effort, List<Told> last) {

    /** One rep that can be taken out. */
    record Told(String id, String says) {
    }


    private static final int STRIP = 20;
    private static final int COLD = 5;
    private static final String NBSP = "\u00a0";

    /** Person by place; a last column and a last row for all. */
    record Table(List<String> places, List<Line> lines) {

        record Line(String person, List<Cell> cells) {
        }

        /** An empty one was not tried. */
        record Cell(int clean, int reps) {

            public boolean isTried() {
                return reps > 0;
            }

            /** The share as whole percent, for the length of the line. */
            public long percent() {
                return reps == 0 ? 0 : Math.round(100.0 * clean / reps);
            }
        }
    }

    private record Tried(String person, String place, boolean clean) {
    }

    /** None while nothing was tapped at the step. */
    public static Optional<EvidenceView> of(Case given, Step step, Facts facts, List<KeptRep> visit, List<Detail> details) {
        Evidence evidence = Evidence.of(given.visit());
        if (evidence.reps() == 0) {
            return Optional.empty();
        }
        List<KeptRep> work = visit.stream().filter(r -> r.role() == Role.WORK).toList();
        List<KeptRep> last = work.subList(Math.max(0, work.size() - STRIP), work.size());
        int of = Math.min(Evidence.ODDS_REPS, evidence.reps());
        String odds = Words.say("odds.chances", Math.round(100 * evidence.odds(Evidence.ODDS_BAR, of)));
        return Optional.of(new EvidenceView(evidence.reps(), RepStrip.large(sessions(last, facts)), RepStrip.counts(last.stream().map(KeptRep::outcome).toList()),
                OddsCurve.of(rate -> evidence.density(rate, of), Evidence.ODDS_BAR, Words.say("odds.drawing", odds)), odds, cold(given), table(given, facts),
                Stream.concat(by(work, r -> r.side() == null ? "" : Words.say("judge.EvidenceView.hand", r.side().name().toLowerCase(Locale.ROOT))).stream(), by(work, KeptRep::item).stream()).toList(),
                slips(details), effort(step, evidence, of), told(last, facts)));
    }

    private static List<Told> told(List<KeptRep> last, Facts facts) {
        List<Told> told = new ArrayList<>(last.stream().map(r -> new Told(r.id().toString(), RepWords.of(r, facts))).toList());
        Collections.reverse(told);
        return told;
    }

    private static List<RepStrip.Part> sessions(List<KeptRep> reps, Facts facts) {
        Map<Object, List<KeptRep>> bySitting = reps.stream().collect(Collectors.groupingBy(KeptRep::sittingId, LinkedHashMap::new, Collectors.toList()));
        return bySitting.values().stream().map(s -> new RepStrip.Part(caption(s.get(0), facts), s.stream().map(KeptRep::outcome).toList(),
                s.stream().map(r -> RepWords.of(r, facts)).toList())).toList();
    }

    private static String caption(KeptRep first, Facts facts) {
        String day = Dates.day(first.happenedAt().atZone(facts.household().zone()).toLocalDate());
        String person = RepWords.person(first, facts);
        return person.isEmpty() ? day : day + ", " + person;
    }

    private static String cold(Case given) {
        List<Rep> cold = given.visit().sessions().stream().flatMap(s -> s.coldRep().stream()).sorted(Rep.IN_ORDER).toList();
        List<Rep> last = cold.subList(Math.max(0, cold.size() - COLD), cold.size());
        if (last.isEmpty()) {
            return "";
        }
        long clean = last.stream().filter(Rep::isClean).count();
        return last.size() == 1 ? Words.say("judge.EvidenceView.the-one-first-try-was", clean) : Words.say("judge.EvidenceView.of-the-last-first-tries", clean, last.size());
    }

    private static Table table(Case given, Facts facts) {
        Map<String, String> people = facts.personNames().entrySet().stream().collect(Collectors.toMap(p -> Long.toString(p.getKey()), Map.Entry::getValue));
        Map<String, String> places = facts.places().stream().collect(Collectors.toMap(p -> Long.toString(p.id()), Place::name));
        List<Tried> tried = given.visit().sessions().stream().flatMap(s -> s.work().stream().map(r -> new Tried(name(people, s.person()), name(places, s.place()), r.isClean()))).toList();
        List<String> across = Stream.concat(facts.places().stream().map(Place::name), Stream.of("someone")).filter(p -> tried.stream().anyMatch(t -> t.place().equals(p))).toList();
        List<String> down = Stream.concat(facts.handlers().stream().map(Person::name), tried.stream().map(Tried::person)).distinct().toList();
        List<Table.Line> lines = new ArrayList<>(down.stream().map(p -> line(p, tried.stream().filter(t -> t.person().equals(p)).toList(), across)).toList());
        if (lines.size() > 1) {
            lines.add(line("all", tried, across));
        }
        return new Table(across.stream().map(p -> p.equals("someone") ? Words.say("judge.EvidenceView.place-not-said") : p).toList(), lines);
    }

    private static String name(Map<String, String> names, String id) {
        return names.getOrDefault(id, "someone");
    }

    private static Table.Line line(String person, List<Tried> tried, List<String> places) {
        Map<String, Cells<String>> cells = Cells.by(tried, Tried::place, Tried::clean).stream().collect(Collectors.toMap(Cells::key, c -> c));
        List<Table.Cell> row = new ArrayList<>(places.stream().map(p -> cells.containsKey(p) ? new Table.Cell(cells.get(p).clean(), cells.get(p).reps()) : new Table.Cell(0, 0)).toList());
        row.add(new Table.Cell((int) tried.stream().filter(Tried::clean).count(), tried.size()));
        return new Table.Line(person, row);
    }

    private static List<String> by(List<KeptRep> work, Function<KeptRep, String> key) {
        List<Cells<String>> cells = Cells.by(work, key, r -> r.outcome() == Outcome.CLEAN);
        return cells.stream().map(c -> c.key() + " " + c.clean() + "/" + c.reps()).toList();
    }

    private static String slips(List<Detail> details) {
        Map<String, Long> counts = details.stream().map(Detail::slip).filter(Objects::nonNull).collect(Collectors.groupingBy(SlipWords::name, Collectors.counting()));
        return counts.entrySet().stream().sorted(Map.Entry.<String, Long>comparingByValue().reversed().thenComparing(Map.Entry.comparingByKey()))
                .map(e -> e.getKey() + " " + e.getValue()).collect(Collectors.joining(", "));
    }

    /** Only for runs: there the expected number is exact (docs/rules.md 7). */
    private static String effort(Step step, Evidence evidence, int of) {
        int clean = evidence.count(Outcome.CLEAN, of);
        if (step.measure().isPresent() || !step.plan().pass().isRun() || clean == 0) {
            return "";
        }
        double rate = (double) clean / of;
        long more = Math.round(Effort.expectedReps(rate, step.plan().run()));
        return "At " + Math.round(100 * rate) + "% clean, " + step.plan().run() + " in a row " + (more > 999 ? Words.say("judge.EvidenceView.is-out-of-reach") : Words.say("judge.EvidenceView.takes-about-reps-from-the", more));
    }
}

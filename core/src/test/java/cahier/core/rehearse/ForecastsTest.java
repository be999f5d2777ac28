package cahier.core.rehearse;

import cahier.core.Rehearsed;
import cahier.core.decide.TrackKind;
import cahier.core.forecast.Effort;
import cahier.core.forecast.Forecast;
import cahier.core.forecast.Prior;
import cahier.core.pass.Odds;
import cahier.core.pass.PassRule;
import cahier.core.pass.Run;
import cahier.core.pass.Spread;
import java.io.IOException;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.StringJoiner;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** How often the true end of a made-up household's track lies inside what was forecast on the way; the table stands in docs/rules.md 8. */
class ForecastsTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 3, 2);
    private static final int DOGS = 120;
    private static final int RUNS = 300;
    private static final int BEYOND = 400;
    private static final int[] WHEN = {14, 28, 56};
    /** Other dogs whose tracks have ended before, of the same practice. */
    private static final int OTHERS = 30;
    private static final int OTHERS_FROM = 5000;
    private static final int LONGEST = 700;

    private record Row(String name, TrackKind kind, PassRule rule, Rules rules, Answering answering, double days) {

        Walk walk(int seed) {
            return new Walk(Plan.even(kind, Cell.STEPS, rule, Cell.REPS), Owners.one(days), answering, rules, Cell.dog(Traits.Failure.MODERATE, kind, seed), seed);
        }
    }

    private static final PassRule ODDS = Odds.usual(Spread.NONE);
    private static final List<Row> ROWS = List.of(
            new Row("RUN 5, at once", TrackKind.SKILL, new Run(5, Spread.NONE), Rules.BEFORE, Answering.AT_ONCE, 0.67),
            new Row("RUN 5, weekly", TrackKind.SKILL, new Run(5, Spread.NONE), Rules.BEFORE, Answering.WEEKLY, 0.67),
            new Row("ODDS, weekly", TrackKind.SKILL, ODDS, Rules.TODAY, Answering.WEEKLY, 0.67),
            new Row("COMFORT RUN 5, owner moves on", TrackKind.COMFORT, new Run(5, Spread.COMFORT), Rules.BEFORE, Answering.OWNER_MOVES_ON, 0.67),
            new Row("ODDS, owner moves on, 30% of days", TrackKind.SKILL, ODDS, Rules.TODAY, Answering.OWNER_MOVES_ON, 0.3),
            new Row("ODDS, owner moves on, 60% of days", TrackKind.SKILL, ODDS, Rules.TODAY, Answering.OWNER_MOVES_ON, 0.6),
            new Row("ODDS, owner moves on, 90% of days", TrackKind.SKILL, ODDS, Rules.TODAY, Answering.OWNER_MOVES_ON, 0.9));

    @Test
    void theTrueEndIsInsideTheBand() throws IOException {
        StringJoiner rows = new StringJoiner("\n");
        rows.add("| | a fresh practice: inside after day 14 / 28 / 56, % | true end over middle day | after 30 tracks that ended there: inside, % | true end over middle day |");
        rows.add("|---|---|---|---|---|");
        for (Row row : ROWS) {
            List<List<Double>> ended = new ArrayList<>();
            for (int i = 0; i < OTHERS; i++) {
                Walk other = row.walk(OTHERS_FROM + i);
                if (other.until(LONGEST).done()) {
                    ended.add(needed(other.ladder(), other.ladder().count()));
                }
            }
            rows.add("| " + row.name() + " | " + String.join(" | ", inside(row, List.of(Prior.FRESH, Prior.of(ended)))) + " |");
        }
        Rehearsed.table("forecasts", rows.toString());
    }

    /** What was said of one dog on one of the days, by one prior, and how many days it took from there. */
    private record Said(Forecast forecast, int after) {

        boolean isInside() {
            LocalDate ended = TODAY.plusDays(after);
            boolean early = forecast.early().map(ended::isBefore).orElse(after < BEYOND);
            return !early && !forecast.late().map(ended::isAfter).orElse(false);
        }

        double overMiddle() {
            return after / forecast.middle().map(m -> (double) ChronoUnit.DAYS.between(TODAY, m)).orElse((double) BEYOND);
        }
    }

    /** For each prior "79/78/81 | 1.12/1.20/1.13". */
    private static List<String> inside(Row row, List<Prior> priors) {
        List<List<Said>> said = Stream.generate(() -> (List<Said>) new ArrayList<Said>()).limit((long) priors.size() * WHEN.length).toList();
        for (int seed = 0; seed < DOGS; seed++) {
            Walk walk = row.walk(seed);
            List<List<Forecast>> forecasts = new ArrayList<>();
            for (int when : WHEN) {
                while (walk.today() < when && !walk.tally().isDone()) {
                    walk.day();
                }
                List<Forecast> now = new ArrayList<>();
                for (Prior prior : walk.tally().isDone() ? List.<Prior>of() : priors) {
                    now.add(forecast(walk, prior, seed));
                }
                forecasts.add(now);
            }
            walk.until(BEYOND + WHEN[WHEN.length - 1]);
            for (int w = 0; w < WHEN.length; w++) {
                for (int p = 0; p < forecasts.get(w).size(); p++) {
                    Forecast f = forecasts.get(w).get(p);
                    if (f.why().filter(Forecast.Why.NO_PRACTICE::equals).isEmpty()) {
                        said.get(p * WHEN.length + w).add(new Said(f, Math.min(BEYOND, walk.today() - WHEN[w])));
                    }
                }
            }
        }
        List<String> out = new ArrayList<>();
        for (int p = 0; p < priors.size(); p++) {
            List<List<Said>> of = said.subList(p * WHEN.length, (p + 1) * WHEN.length);
            out.add(of.stream().map(s -> Math.round(100.0 * s.stream().filter(Said::isInside).count() / s.size()) + "").collect(Collectors.joining("/")));
            out.add(of.stream().map(s -> String.format(Locale.UK, "%.2f", s.stream().mapToDouble(Said::overMiddle).sorted().toArray()[s.size() / 2])).collect(Collectors.joining("/")));
        }
        return out;
    }

    private static Forecast forecast(Walk walk, Prior prior, int seed) {
        Ladder ladder = walk.ladder();
        List<Forecast.Ahead> ahead = ladder.steps().stream().skip(ladder.at()).map(s -> new Forecast.Ahead(Effort.baseline(s.rule(), s.reps()), s.rule().least())).toList();
        List<Integer> days = walk.repsOfDay();
        return Forecast.of(new Forecast.Track(prior.pace().after(needed(ladder, ladder.at())), ahead, ladder.reps(ladder.step()), days.subList(Math.max(0, days.size() - Forecast.HISTORY_DAYS), days.size()), Cell.REPS),
                TODAY, Optional.empty(), seed, RUNS);
    }

    /** What the first steps took over what they usually take; what was put in between counts for the step above. */
    private static List<Double> needed(Ladder ladder, int until) {
        List<Double> needed = new ArrayList<>();
        int carried = 0;
        for (Plan.Step step : ladder.steps().subList(0, until)) {
            carried += ladder.reps(step);
            if (step.level() == Math.rint(step.level()) && carried > 0) {
                needed.add(Math.log(carried / Effort.baseline(step.rule(), step.reps())));
                carried = 0;
            }
        }
        return needed;
    }
}

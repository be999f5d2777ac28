package cahier.core.rehearse;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.core.Rehearsed;
import cahier.core.decide.Slump;
import cahier.core.decide.TrackKind;
import cahier.core.pass.Block;
import cahier.core.pass.Calm;
import cahier.core.pass.Odds;
import cahier.core.pass.PassRule;
import cahier.core.pass.Rate;
import cahier.core.pass.Run;
import cahier.core.pass.Spread;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.StringJoiner;
import org.junit.jupiter.api.Test;

/** What the rules do to made-up households, those of today beside the former ones; the tables stand in docs/rules.md 40 ({@link Rehearsed}). */
class TablesTest {

    private static final Spread COLD = new Spread(0, 0, 0, 0, 1, 1);
    private static final Spread TWO_PEOPLE = new Spread(0, 0, 2, 0, 0, 0);
    private static final Rules AT_CLOSE = new Rules(Slump.FIVE_MORE, false, false);
    private static final PassRule RUN = new Run(5, Spread.NONE);
    private static final PassRule ODDS = Odds.usual(Spread.NONE);
    private static final Owners ONE = Owners.one(2.0 / 3);

    private static Cell skill(PassRule rule, Rules rules, Answering answering, Owners owners, Traits.Failure failure) {
        return Cell.of(TrackKind.SKILL, rule, rules, answering, owners, failure);
    }

    @Test
    void skillsAnsweredAtOnce() throws IOException {
        Map<String, PassRule> all = new LinkedHashMap<>();
        all.put("RUN 5", RUN);
        all.put("RUN 5 and the latest cold rep", new Run(5, COLD));
        all.put("RATE .8 of 10", new Rate(0.8, 10, Spread.NONE));
        all.put("RATE .9 of 10", new Rate(0.9, 10, Spread.NONE));
        all.put("BLOCK", Block.usual(Spread.NONE));
        all.put("CALM", Calm.usual(Spread.NONE));
        all.put("ODDS .7, .8", ODDS);
        Cell moderate = skill(RUN, Rules.BEFORE, Answering.AT_ONCE, ONE, Traits.Failure.MODERATE);
        Cell strict = skill(RUN, Rules.BEFORE, Answering.AT_ONCE, ONE, Traits.Failure.STRICT);
        StringJoiner rows = new StringJoiner("\n");
        rows.add("| rule | judged | weeks (goal in 12) | against RUN 5 as it was | STRICT, the same | UP under .6 / .75, % | reps after mastery | a step left three times, % |");
        rows.add("|---|---|---|---|---|---|---|---|");
        rows.add(row("RUN 5", "as it was", moderate, moderate, strict, strict));
        for (Map.Entry<String, PassRule> rule : all.entrySet()) {
            rows.add(row(rule.getKey(), "at the close", skill(rule.getValue(), AT_CLOSE, Answering.AT_ONCE, ONE, Traits.Failure.MODERATE), moderate,
                    skill(rule.getValue(), AT_CLOSE, Answering.AT_ONCE, ONE, Traits.Failure.STRICT), strict));
        }
        Cell last = skill(ODDS, Rules.TODAY, Answering.AT_ONCE, ONE, Traits.Failure.MODERATE);
        rows.add(row("ODDS .7, .8", "up after each rep", last, moderate, skill(ODDS, Rules.TODAY, Answering.AT_ONCE, ONE, Traits.Failure.STRICT), strict));
        assertThat(last.mean(w -> w.mostLeft() >= 3 ? 1 : 0)).as("a step left three times, about half as often").isLessThanOrEqualTo(0.55 * moderate.mean(w -> w.mostLeft() >= 3 ? 1 : 0));
        Rehearsed.table("skills", rows.toString());
    }

    private static String row(String name, String judged, Cell moderate, Cell before, Cell strict, Cell strictBefore) {
        return "| " + String.join(" | ", name, judged, moderate.weeks(), moderate.against(before), strict.against(strictBefore), moderate.ups(), moderate.needless(), moderate.leftThreeTimes()) + " |";
    }

    @Test
    void whoAnswersAndWhen() throws IOException {
        StringJoiner rows = new StringJoiner("\n");
        rows.add("| answered | RUN 5 as it was, weeks (goal in 12) | ODDS, up after each rep | reps after mastery, before | now |");
        rows.add("|---|---|---|---|---|");
        for (Answering answering : Answering.values()) {
            Cell before = skill(RUN, Rules.BEFORE, answering, ONE, Traits.Failure.MODERATE);
            Cell now = skill(ODDS, Rules.TODAY, answering, ONE, Traits.Failure.MODERATE);
            rows.add("| " + String.join(" | ", words(answering), before.weeks(), now.weeks(), before.needless(), now.needless()) + " |");
        }
        Rehearsed.table("answers", rows.toString());
    }

    private static String words(Answering answering) {
        return switch (answering) {
            case AT_ONCE -> "as each session closes";
            case OWNER_MOVES_ON -> "the owner may move on, a lesson a week";
            case WEEKLY -> "in a lesson a week";
            case FORTNIGHTLY -> "in a lesson a fortnight";
        };
    }

    @Test
    void comfort() throws IOException {
        Map<String, PassRule> all = new LinkedHashMap<>();
        all.put("RUN 5", new Run(5, Spread.COMFORT));
        all.put("ODDS .7, .8", Odds.usual(Spread.COMFORT));
        all.put("CALM", Calm.usual(Spread.NONE));
        StringJoiner rows = new StringJoiner("\n");
        rows.add("| rule | weeks (goal in 12) | against RUN 5 | moments over threshold a dog | UP under .6 / .75, % |");
        rows.add("|---|---|---|---|---|");
        Cell run = null;
        for (Map.Entry<String, PassRule> rule : all.entrySet()) {
            Cell cell = Cell.of(TrackKind.COMFORT, rule.getValue(), Rules.TODAY, Answering.AT_ONCE, ONE, Traits.Failure.MODERATE);
            run = run == null ? cell : run;
            rows.add("| " + String.join(" | ", rule.getKey(), cell.weeks(), cell.against(run), cell.tooMuch(), cell.ups()) + " |");
        }
        Rehearsed.table("comfort", rows.toString());
    }

    @Test
    void seldomAndTwoPeople() throws IOException {
        Map<String, PassRule> all = new LinkedHashMap<>();
        all.put("RUN 5", RUN);
        all.put("RUN 5 and the latest cold rep", new Run(5, COLD));
        all.put("ODDS .7, .8", ODDS);
        StringJoiner rows = new StringJoiner("\n");
        rows.add("| rule | a session a week: UPs in 12 weeks | under .6 / .75, % | two handlers 2 logits apart: under .6 / .75, % | left three times, % | two people asked for: weeks more |");
        rows.add("|---|---|---|---|---|---|");
        for (Map.Entry<String, PassRule> rule : all.entrySet()) {
            Cell seldom = skill(rule.getValue(), AT_CLOSE, Answering.AT_ONCE, Owners.weekly(), Traits.Failure.MODERATE);
            Cell apart = skill(rule.getValue(), AT_CLOSE, Answering.AT_ONCE, Owners.two(2.0 / 3, 2), Traits.Failure.MODERATE);
            Cell alike = skill(rule.getValue(), AT_CLOSE, Answering.AT_ONCE, Owners.two(2.0 / 3, 0), Traits.Failure.MODERATE);
            Cell spread = skill(both(rule.getValue()), AT_CLOSE, Answering.AT_ONCE, Owners.two(2.0 / 3, 0), Traits.Failure.MODERATE);
            rows.add("| " + String.join(" | ", rule.getKey(), String.format(Locale.UK, "%.2f", seldom.mean(w -> w.ups().size())), seldom.ups(), apart.ups(), apart.leftThreeTimes(), spread.against(alike)) + " |");
        }
        Rehearsed.table("seldom", rows.toString());
    }

    private static PassRule both(PassRule rule) {
        Spread spread = new Spread(0, 0, TWO_PEOPLE.people(), 0, rule.spread().coldClean(), rule.spread().coldOf());
        return rule instanceof Run run ? new Run(run.k(), spread) : Odds.usual(spread);
    }
}

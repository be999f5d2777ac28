package cahier.app.judge;

import cahier.app.draw.Glyph;
import cahier.app.household.Facts;
import cahier.app.household.Place;
import cahier.app.log.Detail;
import cahier.app.log.Felt;
import cahier.app.log.KeptRep;
import cahier.app.log.SittingAnswers;
import cahier.app.track.Step;
import cahier.app.track.StepPlan;
import cahier.app.track.TrackSteps;
import cahier.app.web.Measures;
import cahier.core.decide.Case;
import cahier.core.method.Choice;
import cahier.core.method.Method;
import cahier.core.method.Question;
import cahier.core.naming.NamingGate;
import cahier.core.place.Places;
import cahier.core.rep.Aid;
import cahier.core.rep.Cells;
import cahier.core.rep.Cluster;
import cahier.core.rep.Endings;
import cahier.core.rep.Outcome;
import cahier.core.rep.Quickness;
import cahier.core.rep.Rep;
import cahier.core.rep.Role;
import cahier.core.slip.Helped;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What the reps of a track say about its word, its misses and its places (docs/rules.md 22, 24, 25). */
public final class Hints {

    private Hints() {
    }

    /**
     * The hints of one track, at most one about the word, one about how soon it answers, one about what helped, one about where misses cluster, one about how sessions end, and two about places.
     *
     * @param reps of the whole track, oldest first
     * @param answers about the sittings of the stay
     * @param details what was added to the reps of the stay
     */
    public static List<Hint> of(TrackSteps map, Case given, Facts facts, Method method, List<KeptRep> reps, List<SittingAnswers> answers, List<Detail> details) {
        List<Hint> hints = new ArrayList<>();
        word(map, given, method, reps).ifPresent(hints::add);
        quickness(map, given).ifPresent(hints::add);
        Helped.of(details.stream().flatMap(d -> d.helped().stream()).toList()).map(Hints::helped).ifPresent(hints::add);
        cluster(map, facts, reps, answers).ifPresent(hints::add);
        Endings.of(answers.stream().filter(a -> a.how() != null).map(SittingAnswers::isPoor).toList()).ifPresent(e -> hints.add(new Hint(Glyph.NOTE, "Make it shorter",
                e.poor() + " of the last " + e.of() + " sessions ended flat or frustrated. Fewer reps, or better pay.")));
        List<Places.Cell> cells = cells(given, facts);
        if (given.visit().work().size() >= Places.LEAST_REPS && cells.size() > 1) {
            Places.next(cells).ifPresent(next -> hints.add(new Hint(Glyph.NOTE, "Next place: " + next.place(),
                    "The easiest that does not count yet: 3 reps there, 8 of 10 clean.")));
        }
        Places.swapped(cells).stream().limit(1).forEach(s -> hints.add(new Hint(Glyph.HANDLERS, "Harder than thought",
                s.thoughtEasier().place() + " goes worse than " + s.thoughtHarder().place() + ": " + percent(s.thoughtEasier()) + " against " + percent(s.thoughtHarder()) + " difficult. Your order has it the other way.")));
        return hints;
    }

    /** Where the reps of the visit that were not clean lie together, beyond chance. */
    private static Optional<Hint> cluster(TrackSteps map, Facts facts, List<KeptRep> reps, List<SittingAnswers> answers) {
        Map<UUID, String> ready = answers.stream().filter(a -> a.ready() != null).collect(Collectors.toMap(SittingAnswers::id, a -> Boolean.TRUE.equals(a.ready()) ? Cluster.READY : Cluster.NOT_READY));
        Map<UUID, String> felt = answers.stream().filter(a -> a.felt() != null).collect(Collectors.toMap(SittingAnswers::id, a -> a.felt() == Felt.TENSE ? Cluster.TENSE : Cluster.AT_EASE));
        long visit = map.visit().orElseThrow().id();
        Map<UUID, List<KeptRep>> sittings = reps.stream().filter(r -> Objects.equals(r.visitId(), visit)).collect(Collectors.groupingBy(KeptRep::sittingId));
        List<Cluster.Trial> trials = new ArrayList<>();
        sittings.values().forEach(s -> {
            for (int i = 0; i < s.size(); i++) {
                KeptRep r = s.get(i);
                if (r.role() == Role.WORK) {
                    trials.add(new Cluster.Trial(i + 1, r.happenedAt().atZone(facts.household().zone()).getHour(), said(r.item()).toLowerCase(Locale.UK), said(r.side()), ready.getOrDefault(r.sittingId(), ""), felt.getOrDefault(r.sittingId(), ""), r.outcome() == Outcome.CLEAN));
                }
            }
        });
        return Cluster.of(trials).map(ClusterWords::hint);
    }

    /** How soon it answers, where the step keeps it: slower than before weighs more than slow. */
    private static Optional<Hint> quickness(TrackSteps map, Case given) {
        if (!map.current().orElseThrow().plan().isAnswerTimed()) {
            return Optional.empty();
        }
        List<Double> seconds = given.visit().work().stream().filter(Rep::isClean).flatMap(r -> r.value().stream().boxed()).toList();
        return Quickness.of(seconds).filter(q -> q.isSlower() || q.isSlow()).map(q -> q.isSlower()
                ? new Hint(Glyph.NOTE, "It answers later", Measures.duration(q.lately()) + " in the middle of the last five clean, " + Measures.duration(q.first()) + " at first. Easier, or better pay.")
                : new Hint(Glyph.NOTE, "Pay the quick ones", "It answers after " + Measures.duration(q.lately()) + ", in the middle of the last five clean. One that is sure answers within " + Measures.duration(Quickness.SURE_WITHIN_S) + "."));
    }

    private static Hint helped(Helped h) {
        String counted = h.times() + " of " + h.of() + " helped reps: ";
        return h.by().saidAgain() ? new Hint(Glyph.NOTE, "Say it once", counted + "the cue was said again. Nearer, or better pay; perhaps the word is not taught yet.")
                : new Hint(Glyph.NOTE, "Put the help back in", counted + "done " + StepPlan.words(h.by().aid()) + ". Write a step below that allows it, then take it away.");
    }

    private static String said(@Nullable Object tag) {
        return tag == null ? "" : tag.toString().strip();
    }

    private static String percent(Places.Observed observed) {
        return Math.round(100 * observed.difficulty()) + "%";
    }

    private static Optional<Hint> word(TrackSteps map, Case given, Method method, List<KeptRep> reps) {
        StepPlan now = map.current().orElseThrow().plan();
        if (!now.word().isEmpty()) {
            List<Outcome> named = given.visit().work().stream().map(Rep::outcome).toList();
            return NamingGate.wordRests(named) ? Optional.of(new Hint(Glyph.BACK, "Rest the word",
                    "2 of the last 5 with “" + now.word() + "” were not clean. Back to the hand without it, so that it stays clean.")) : Optional.empty();
        }
        if (map.above().isEmpty() || map.above().get().plan().word().isEmpty() || method.of(Question.NAMING) == Choice.NAMED_EARLY) {
            return Optional.empty();
        }
        Set<Long> unaided = map.steps().stream().filter(s -> s.plan().word().isEmpty() && s.plan().aid() == Aid.NONE).map(Step::id).collect(Collectors.toSet());
        List<Outcome> unnamed = reps.stream().filter(r -> r.role() == Role.WORK && unaided.contains(r.stepId())).map(KeptRep::outcome).toList();
        NamingGate gate = NamingGate.before(unnamed, method.of(Question.NAMING) == Choice.NAMED_AT_90 ? NamingGate.HIGH_BAR : NamingGate.BAR);
        String counted = gate.clean() + " of the last " + gate.reps() + " clean without aid and word; " + gate.needed() + " of 10 are wanted.";
        return Optional.of(gate.isOpen() ? new Hint(Glyph.UP, "The word may come", counted) : new Hint(Glyph.STAY, "The word waits", counted));
    }

    /** Every place of the household with what was practised there, easiest first as the trainer thinks. */
    private static List<Places.Cell> cells(Case given, Facts facts) {
        record Tried(String place, boolean clean) {
        }
        List<Tried> tried = given.visit().sessions().stream().flatMap(s -> s.work().stream().map(r -> new Tried(s.place(), r.isClean()))).toList();
        Map<String, Cells<String>> byPlace = Cells.by(tried, Tried::place, Tried::clean).stream().collect(Collectors.toMap(Cells::key, c -> c));
        return facts.places().stream().sorted(Comparator.comparingInt(Place::difficulty)).map(p -> {
            Cells<String> cell = byPlace.get(Long.toString(p.id()));
            return new Places.Cell(p.name(), cell == null ? 0 : cell.clean(), cell == null ? 0 : cell.reps());
        }).toList();
    }
}

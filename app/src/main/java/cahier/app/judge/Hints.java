package cahier.app.judge;

import cahier.app.draw.Glyph;
import cahier.app.household.Facts;
import cahier.app.household.Place;
import cahier.app.language.Words;
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
        Endings.of(answers.stream().filter(a -> a.how() != null).map(SittingAnswers::isPoor).toList()).ifPresent(e -> hints.add(new Hint(Glyph.NOTE, Words.say("hint.shorter"), Words.say("hint.shorter.seen", e.poor(), e.of()))));
        List<Places.Cell> cells = cells(given, facts);
        if (given.visit().work().size() >= Places.LEAST_REPS && cells.size() > 1) {
            Places.next(cells).ifPresent(next -> hints.add(new Hint(Glyph.NOTE, Words.say("hint.place", next.place()), Words.say("hint.place.seen"))));
        }
        Places.swapped(cells).stream().limit(1).forEach(s -> hints.add(new Hint(Glyph.HANDLERS, Words.say("hint.harder"),
                Words.say("hint.harder.seen", s.thoughtEasier().place(), s.thoughtHarder().place(), percent(s.thoughtEasier()), percent(s.thoughtHarder())))));
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
                ? new Hint(Glyph.NOTE, Words.say("hint.later"), Words.say("hint.later.seen", Measures.duration(q.lately()), Measures.duration(q.first())))
                : new Hint(Glyph.NOTE, Words.say("hint.quick"), Words.say("hint.quick.seen", Measures.duration(q.lately()), Measures.duration(Quickness.SURE_WITHIN_S))));
    }

    private static Hint helped(Helped h) {
        return h.by().saidAgain() ? new Hint(Glyph.NOTE, Words.say("hint.once"), Words.say("hint.once.seen", h.times(), h.of()))
                : new Hint(Glyph.NOTE, Words.say("hint.help"), Words.say("hint.help.seen", h.times(), h.of(), StepPlan.words(h.by().aid())));
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
            return NamingGate.wordRests(named) ? Optional.of(new Hint(Glyph.BACK, Words.say("hint.word.rest"), Words.say("hint.word.rest.seen", now.word()))) : Optional.empty();
        }
        if (map.above().isEmpty() || map.above().get().plan().word().isEmpty() || method.of(Question.NAMING) == Choice.NAMED_EARLY) {
            return Optional.empty();
        }
        Set<Long> unaided = map.steps().stream().filter(s -> s.plan().word().isEmpty() && s.plan().aid() == Aid.NONE).map(Step::id).collect(Collectors.toSet());
        List<Outcome> unnamed = reps.stream().filter(r -> r.role() == Role.WORK && unaided.contains(r.stepId())).map(KeptRep::outcome).toList();
        NamingGate gate = NamingGate.before(unnamed, method.of(Question.NAMING) == Choice.NAMED_AT_90 ? NamingGate.HIGH_BAR : NamingGate.BAR);
        String counted = Words.say("hint.word.seen", gate.clean(), gate.reps(), gate.needed());
        return Optional.of(gate.isOpen() ? new Hint(Glyph.UP, Words.say("hint.word.may"), counted) : new Hint(Glyph.STAY, Words.say("hint.word.waits"), counted));
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

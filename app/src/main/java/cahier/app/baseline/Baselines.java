package cahier.app.baseline;

import cahier.app.household.Households;
import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;
import cahier.app.stored.Shape;
import cahier.app.stored.Stored;
import cahier.app.track.Step;
import cahier.app.track.TrackSteps;
import cahier.app.web.NotFound;
import cahier.core.baseline.Measured;
import cahier.core.baseline.StartingStep;
import cahier.core.measure.Measure;
import cahier.core.rep.Outcome;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes baselines, tap by tap, and holds them against tracks. */
@Service
@Transactional
public class Baselines {

    static final int FULL_WATCH_SECONDS = 15 * 60;

    private final BaselineMapper baselines;
    private final Households households;
    private final Stored stored;

    Baselines(BaselineMapper baselines, Households households, Stored stored) {
        this.baselines = baselines;
        this.households = households;
        this.stored = stored;
    }

    /** Newest first. */
    public List<Baseline> ofHousehold(PracticeId practice, long household) {
        households.get(practice, household);
        return baselines.ofHousehold(practice, household).stream().map(this::read).toList();
    }

    /** Begins one that is taken tap by tap. */
    public void begin(TrainerUser trainer, long household, long dog, Kind kind, String about, Instant now) {
        insert(trainer, household, dog, kind, about, Findings.NONE, now, null);
    }

    /** Keeps one that is known at once. */
    public void keep(TrainerUser trainer, long household, long dog, Kind kind, String about, Findings findings, Instant now) {
        insert(trainer, household, dog, kind, about, findings, now, now);
    }

    private long insert(TrainerUser trainer, long household, long dog, Kind kind, String about, Findings findings, Instant now, @Nullable Instant closed) {
        if (households.dogs(trainer.practice(), households.get(trainer.practice(), household).id()).stream().noneMatch(d -> d.id() == dog)) {
            throw new NotFound("dog " + dog);
        }
        return baselines.insert(trainer.practice(), household, dog, kind, about, write(findings), now, closed, trainer.signature());
    }

    /** One try of a cold test; the tenth closes it. */
    public Baseline tried(PracticeId practice, long id, Outcome outcome, Instant now) {
        Baseline open = held(practice, id);
        List<Outcome> tries = new ArrayList<>(open.findings().triesOrNone());
        if (open.isOpen() && tries.size() < Measured.ColdTest.TRIES) {
            tries.add(outcome);
            update(practice, id, Findings.tries(tries), tries.size() == Measured.ColdTest.TRIES ? now : null);
        }
        return open;
    }

    /** Takes the last try of an open test back. */
    public Baseline untried(PracticeId practice, long id) {
        Baseline open = held(practice, id);
        List<Outcome> tries = open.findings().triesOrNone();
        if (open.isOpen() && !tries.isEmpty()) {
            update(practice, id, Findings.tries(tries.subList(0, tries.size() - 1)), null);
        }
        return open;
    }

    /** A sign begins, or ends when it was going on. */
    public Baseline toggled(PracticeId practice, long id, Findings.Sign sign, Instant now) {
        Baseline open = held(practice, id);
        if (open.isOpen()) {
            int second = seconds(open, now);
            List<Findings.Spell> spells = new ArrayList<>();
            boolean ended = false;
            for (Findings.Spell spell : open.findings().spellsOrNone()) {
                boolean ends = spell.sign() == sign && spell.to() == null;
                spells.add(ends ? new Findings.Spell(sign, spell.from(), (double) Math.max(second, (int) spell.from() + 1)) : spell);
                ended |= ends;
            }
            if (!ended) {
                spells.add(new Findings.Spell(sign, second, null));
            }
            update(practice, id, Findings.watch(spells, null), null);
        }
        return open;
    }

    /** Ends what is being taken; a cold test that was broken off keeps its tries, one without any is dropped. */
    public Baseline close(PracticeId practice, long id, Instant now) {
        Baseline open = held(practice, id);
        if (!open.isOpen()) {
            return open;
        }
        if (open.kind() == Kind.WATCH) {
            int seconds = Math.max(1, seconds(open, now));
            update(practice, id, Findings.watch(open.findings().spellsOrNone().stream()
                    .map(s -> s.to() == null ? new Findings.Spell(s.sign(), s.from(), (double) seconds) : s).toList(), seconds), now);
        } else if (open.findings().triesOrNone().isEmpty()) {
            baselines.drop(practice, id);
        } else {
            update(practice, id, open.findings(), now);
        }
        return open;
    }

    /** A watch that was typed or read from a recording. Returns its id. */
    public long keepWatch(TrainerUser trainer, long household, long dog, String about, List<Findings.Spell> spells, int seconds, @Nullable List<Float> levels, boolean damage, Instant now) {
        return insert(trainer, household, dog, Kind.WATCH, about, Findings.watched(spells, seconds, levels, damage), now, now);
    }

    /** The same as a trainer types it, one spell a line. */
    public long keepWatch(TrainerUser trainer, long household, long dog, String about, String spells, int seconds, Instant now) {
        return keepWatch(trainer, household, dog, about, SpellText.read(spells), seconds, null, false, now);
    }

    public Baseline get(PracticeId practice, long id) {
        return baselines.find(practice, id).map(this::read).orElseThrow(() -> new NotFound("baseline " + id));
    }

    /** Puts the spells of a watch right; the level of a recording stays as it was heard. */
    public void correct(PracticeId practice, long id, List<Findings.Spell> spells, int seconds, boolean damage) {
        Baseline watch = held(practice, id);
        if (watch.kind() != Kind.WATCH || watch.isOpen()) {
            throw new NotFound("watch " + id);
        }
        List<Findings.Spell> before = watch.findings().spellsOrNone();
        List<Findings.Spell> answered = spells.stream().map(s -> before.stream().filter(s::isAt).findFirst().orElse(s)).toList();
        baselines.correct(practice, id, write(Findings.watched(answered, seconds, watch.findings().levels(), damage)));
    }

    /** Somebody listened: a spell that was as even as a machine is the dog, or it goes. */
    public void answer(PracticeId practice, long id, double from, boolean dog) {
        Baseline watch = held(practice, id);
        Findings findings = watch.findings();
        if (watch.kind() != Kind.WATCH || watch.isOpen() || findings.unsure().stream().noneMatch(s -> s.from() == from)) {
            throw new NotFound("spell of watch " + id);
        }
        List<Findings.Spell> spells = findings.spellsOrNone().stream().filter(s -> dog || s.from() != from).map(s -> s.from() == from ? new Findings.Spell(s.sign(), s.from(), s.to(), true) : s).toList();
        baselines.correct(practice, id, write(Findings.watched(spells, Objects.requireNonNull(findings.watchedSeconds()), findings.levels(), findings.isDamaged())));
    }

    /** A watch that nobody ended is over after its 15 minutes. */
    private static int seconds(Baseline open, Instant now) {
        return (int) Math.min(FULL_WATCH_SECONDS, Math.max(0, Duration.between(open.begunAt(), now).toSeconds()));
    }

    /** The newest closed baseline that concerns a track. */
    public Optional<Baseline> concerning(TrackSteps roadmap) {
        return ofHousehold(roadmap.track().practiceId(), roadmap.track().householdId()).stream().filter(b -> !b.isOpen())
                .filter(b -> b.concerns(roadmap.track(), roadmap.steps().stream().map(Step::plan).toList())).findFirst();
    }

    /** 0-based step the track may start on because of a baseline (docs/rules.md 31); empty when there is nothing to hold it against. */
    public static Optional<Integer> start(TrackSteps roadmap, Baseline baseline) {
        List<StartingStep.Rung> rungs = roadmap.steps().stream().map(Baselines::rung).toList();
        return rungs.isEmpty() ? Optional.empty() : baseline.measured().map(m -> StartingStep.of(rungs, m));
    }

    /** What measures adjusts itself: it fits whatever distance or time was found. */
    private static StartingStep.Rung rung(Step step) {
        boolean named = !step.plan().word().isEmpty();
        return step.measure().map(m -> new StartingStep.Rung(named, m.kind().isNearer() ? OptionalDouble.of(Double.MAX_VALUE) : OptionalDouble.empty(), m.kind() == Measure.Kind.ALONE ? OptionalDouble.of(0) : OptionalDouble.empty()))
                .orElseGet(() -> new StartingStep.Rung(named, number(step.plan().distanceM()), number(step.plan().durationS())));
    }

    private static OptionalDouble number(@Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    private Baseline held(PracticeId practice, long id) {
        return baselines.hold(practice, id).map(this::read).orElseThrow(() -> new NotFound("baseline " + id));
    }

    private void update(PracticeId practice, long id, Findings findings, @Nullable Instant closedAt) {
        baselines.update(practice, id, write(findings), closedAt);
    }

    private Baseline read(BaselineMapper.Row row) {
        return new Baseline(row.id(), row.householdId(), row.dogId(), row.kind(), row.about(), stored.read(Shape.BASELINE, row.body(), Findings.class), row.begunAt(),
                row.closedAt(), row.takenBy());
    }

    private String write(Findings findings) {
        return stored.write(Shape.BASELINE, findings);
    }
}

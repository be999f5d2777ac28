package cahier.app.judge;

import cahier.app.log.RepLog;
import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;
import cahier.app.track.Step;
import cahier.app.track.StepPlan;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.app.web.NotFound;
import cahier.core.decide.Cause;
import cahier.core.decide.Decision;
import cahier.core.rep.UndoWindow;
import java.time.Instant;
import java.util.Objects;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the trainer makes of a suggestion, carried out and remembered with the evidence it was made on. */
@Service
@Transactional
public class Answers {

    private final Judgements judgements;
    private final DecisionMapper decisions;
    private final Tracks tracks;
    private final RepLog log;
    private final JudgeAtCommit commit;

    Answers(Judgements judgements, DecisionMapper decisions, Tracks tracks, RepLog log, JudgeAtCommit commit) {
        this.judgements = judgements;
        this.decisions = decisions;
        this.tracks = tracks;
        this.log = log;
        this.commit = commit;
    }

    /** How an answer went. */
    public enum Result {
        /** Carried out. */
        DONE,
        /** Someone has answered, or the evidence has changed since the page was drawn: nothing was done. */
        CHANGED,
        /** Cannot be carried out as the steps stand. */
        IMPOSSIBLE,
        /** A CALL is not accepted as it stands: what comes next must be chosen. */
        ASKS
    }

    /** What comes next after a CALL; a new easier step is written with {@link #split}. */
    public enum Next {
        /** The track rests until the trainer takes it up again. */
        REST,
        /** One step back. */
        BACK,
        /** It goes on at this step, for a reason. */
        GO_ON
    }

    /**
     * The suggestion is carried out. Accepting twice does nothing the second time.
     *
     * @param version what the trainer saw
     */
    public Result accept(TrainerUser trainer, long decision, int version, Instant now) {
        Decided open = locked(trainer.practice(), decision);
        if (open.state() == Decided.State.ACCEPTED) {
            return Result.DONE;
        }
        if (!open.isOpen() || open.version() != version) {
            return Result.CHANGED;
        }
        if (open.suggested() == Decision.CALL) {
            return Result.ASKS;
        }
        return carryOut(trainer.practice(), trainer.signature(), open, open.suggested(), Decided.State.ACCEPTED, "", now);
    }

    /** Answers a CALL with what comes next; going on is the trainer's own decision, against the call. */
    public Result call(TrainerUser trainer, long decision, int version, Next next, String why, Instant now) {
        Decided open = locked(trainer.practice(), decision);
        if (!open.isOpen() || open.version() != version || open.suggested() != Decision.CALL) {
            return Result.CHANGED;
        }
        return switch (next) {
            case REST -> carryOut(trainer.practice(), trainer.signature(), open, Decision.CALL, Decided.State.ACCEPTED, why, now);
            case BACK -> carryOut(trainer.practice(), trainer.signature(), open, Decision.BACK, Decided.State.ACCEPTED, why, now);
            case GO_ON -> carryOut(trainer.practice(), trainer.signature(), open, Decision.STAY, Decided.State.OVERRULED, why, now);
        };
    }

    /** A track that was rested is worked again from the step the dog stands on. */
    public void takeUp(TrainerUser trainer, long track, Instant now) {
        tracks.locked(trainer.practice(), track);
        tracks.takeUp(trainer.practice(), track, now);
    }

    /** Carries out what stands on a track whose owner may move on; the trainer can take it back. */
    public Result apply(PracticeId practice, Decided open, String by, Instant now) {
        return carryOut(practice, by, open, open.suggested(), Decided.State.APPLIED, "", now);
    }

    /** The same of a SPLIT, with the step half-way; the trainer can take it back. */
    public Result applySplit(PracticeId practice, Decided open, StepPlan between, String by, Instant now) {
        return split(practice, by, open, between, Decided.State.APPLIED, "", now);
    }

    /** The trainer decides otherwise, and says why. */
    public Result overrule(TrainerUser trainer, long decision, int version, Decision instead, String why, Instant now) {
        Decided open = locked(trainer.practice(), decision);
        if (!open.isOpen() || open.version() != version) {
            return Result.CHANGED;
        }
        return carryOut(trainer.practice(), trainer.signature(), open, instead, Decided.State.OVERRULED, why, now);
    }

    /** Answers SPLIT with the step the trainer wrote: it goes in below the current one, and the dog goes there. */
    public Result split(TrainerUser trainer, long decision, StepPlan between, String why, Instant now) {
        Decided open = locked(trainer.practice(), decision);
        TrackSteps roadmap = tracks.get(trainer.practice(), open.trackId());
        if (!open.isOpen() || roadmap.currentIndex().isEmpty()) {
            return Result.CHANGED;
        }
        boolean asSuggested = open.suggested() == Decision.SPLIT || open.suggested() == Decision.CALL;
        return split(trainer.practice(), trainer.signature(), open, between, asSuggested ? Decided.State.ACCEPTED : Decided.State.OVERRULED, why, now);
    }

    private Result split(PracticeId practice, String by, Decided open, StepPlan between, Decided.State state, String why, Instant now) {
        long made = tracks.splitStep(practice, open.trackId(), between, now);
        long visit = tracks.move(practice, open.trackId(), made, Decision.SPLIT, open.cause(), by, now);
        decisions.answer(practice, open.id(), state, Decision.SPLIT, now, by, why, visit);
        return Result.DONE;
    }

    private Result carryOut(PracticeId practice, String by, Decided open, Decision decision, Decided.State state, String why, Instant now) {
        TrackSteps roadmap = tracks.get(practice, open.trackId());
        Long newVisit = null;
        switch (decision) {
            case UP -> {
                Optional<Step> above = roadmap.above();
                if (above.isEmpty()) {
                    return Result.IMPOSSIBLE;
                }
                newVisit = tracks.move(practice, open.trackId(), above.get().id(), Decision.UP, open.cause(), by, now);
            }
            case BACK -> {
                Optional<Step> below = roadmap.below();
                if (below.isEmpty()) {
                    return Result.IMPOSSIBLE;
                }
                newVisit = tracks.move(practice, open.trackId(), below.get().id(), Decision.BACK, backCause(open), by, now);
            }
            case DONE -> tracks.finish(practice, open.trackId(), now);
            case SPLIT -> {
                return Result.IMPOSSIBLE;
            }
            case CALL -> tracks.rest(practice, open.trackId(), why, by, now);
            case STAY, REFRESH -> {
                // the dog stays where it is
            }
        }
        decisions.answer(practice, open.id(), state, decision, now, by, why, newVisit);
        return Result.DONE;
    }

    /** Any step back out of too much counts as one because of TOO_MUCH, also where the suggestion was a CALL. */
    private static Cause backCause(Decided open) {
        return open.cause().restsTheStep() ? Cause.TOO_MUCH : open.cause();
    }

    /** Whether the last answer of a track can still be taken back: nothing was logged on what it led to. */
    public boolean canUndo(PracticeId practice, Decided answered) {
        return answered.isAnswered() && (answered.newVisitId() == null || !log.visitsWithReps(practice, answered.householdId()).contains(answered.newVisitId()))
                && judgements.lastAnsweredOf(practice, answered.householdId()).stream().anyMatch(d -> d.id() == answered.id());
    }

    /** Takes the last answer back; the suggestion stands again. */
    public Result undo(TrainerUser trainer, long decision, Instant now) {
        Decided answered = locked(trainer.practice(), decision);
        if (answered.state() == Decided.State.UNDONE) {
            return Result.DONE;
        }
        if (!canUndo(trainer.practice(), answered)) {
            return Result.CHANGED;
        }
        takeBack(trainer.practice(), answered, trainer.signature(), now);
        decisions.undo(trainer.practice(), answered.id());
        commit.ask(trainer.practice(), answered.trackId(), now);
        return Result.DONE;
    }

    /** The UP that a rep earned which the owner has taken back, while nothing was logged on the step it led to; nothing where there is none. */
    public void takeBackUp(PracticeId practice, long track, String by, Instant now) {
        judgements.lastAnswered(practice, track).filter(d -> d.state() == Decided.State.APPLIED && d.answer() == Decision.UP)
                .filter(d -> !Objects.requireNonNull(d.answeredAt()).isBefore(now.minus(UndoWindow.TOO_MUCH))).filter(d -> canUndo(practice, d)).ifPresent(d -> {
                    takeBack(practice, d, by, now);
                    decisions.withdraw(practice, d.id());
                    commit.ask(practice, track, now);
                });
    }

    private void takeBack(PracticeId practice, Decided answered, String by, Instant now) {
        if (answered.newVisitId() != null || answered.answer() == Decision.DONE) {
            tracks.unmove(practice, answered.trackId(), answered.visitId(), answered.newVisitId(), by, now);
        }
        if (answered.answer() == Decision.CALL) {
            tracks.takeUp(practice, answered.trackId(), now);
        }
    }

    /** The trainer puts the dog on a step without a suggestion; a track that was rested is worked again. */
    public void putOn(TrainerUser trainer, long track, long step, Instant now) {
        TrackSteps roadmap = tracks.locked(trainer.practice(), track);
        if (roadmap.indexOf(step).isEmpty()) {
            throw new NotFound("step " + step);
        }
        if (roadmap.track().isRested()) {
            tracks.takeUp(trainer.practice(), track, now);
        }
        if (roadmap.visit().filter(v -> v.stepId() == step).isEmpty()) {
            tracks.move(trainer.practice(), track, step, null, null, trainer.signature(), now);
        }
        commit.ask(trainer.practice(), track, now);
    }

    /** The track a suggestion is about, or the page for what does not exist. */
    public long trackOf(PracticeId practice, long decision) {
        return judgements.find(practice, decision).map(Decided::trackId).orElseThrow(() -> new NotFound("decision " + decision));
    }

    private Decided locked(PracticeId practice, long decision) {
        Decided found = judgements.find(practice, decision).orElseThrow(() -> new NotFound("decision " + decision));
        tracks.locked(practice, found.trackId());
        return judgements.find(practice, decision).orElseThrow();
    }
}

package cahier.core.decide;

import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** Which suggestion stands in the margin when a new one is computed (docs/rules.md 4, open until answered). */
public final class Standing {

    private Standing() {
    }

    /**
     * The trainer's last answer on this visit.
     *
     * @param cause what it answered
     * @param at when
     */
    public record Answer(Cause cause, Instant at) {
    }

    /**
     * An answer of any visit.
     *
     * @param cause what it answered
     * @param answer what was done
     * @param byTrainer false where it was carried out by itself
     */
    public record Past(Cause cause, Decision answer, boolean byTrainer) {
    }

    /**
     * Whether the track was called or taken down because of too much, or an alarm, since a trainer last moved it up.
     *
     * @param answers all of the track that were not taken back, newest first
     */
    public static boolean isAfterTooMuch(List<Past> answers) {
        for (Past past : answers) {
            if (past.byTrainer() && (past.answer() == Decision.UP || past.answer() == Decision.DONE)) {
                return false;
            }
            if (past.cause().restsTheStep()) {
                return true;
            }
        }
        return false;
    }

    /**
     * Merges a fresh suggestion with the one that is open.
     *
     * @param open the suggestion that no trainer has answered yet, if any
     * @param fresh what the rules say now
     * @return the one that stands; {@code open} itself when it stays
     */
    public static Suggestion merge(Optional<Suggestion> open, Suggestion fresh) {
        return open.filter(Suggestion::staysOpen).filter(held -> !replaces(fresh, held)).orElse(fresh);
    }

    /**
     * Whether the fresh suggestion was answered already: same cause, and no session has closed since.
     *
     * @param lastSessionClosed when the latest session closed, if any has
     */
    public static boolean isAnswered(Suggestion fresh, Optional<Answer> answer, Optional<Instant> lastSessionClosed) {
        return answer.filter(a -> a.cause() == fresh.cause())
                .filter(a -> lastSessionClosed.isEmpty() || !lastSessionClosed.get().isAfter(a.at()))
                .isPresent();
    }

    /**
     * Whether a suggestion is carried out without the trainer on a track whose owner may move on: UP, BACK and REFRESH are, CALL and DONE never, SPLIT where {@link #splitsByItself} says so.
     * The first UP after too much is the trainer's: a run of clean sessions after a CALL or a BACK of such a cause never ends in an UP that nobody has seen.
     *
     * @param stands what stands after {@link #merge}; while an open CALL or SPLIT stands, it is that one and nothing applies
     * @param afterTooMuch {@link #isAfterTooMuch}
     */
    public static boolean appliesByItself(Suggestion stands, boolean afterTooMuch) {
        return switch (stands.decision()) {
            case UP -> !afterTooMuch;
            case BACK, REFRESH -> true;
            case CALL, SPLIT, DONE, STAY -> false;
        };
    }

    /** Whether a step between goes in by itself there, where it can be reckoned: on a SKILL track, and never because it was too much. */
    public static boolean splitsByItself(Suggestion stands, TrackKind kind) {
        return kind == TrackKind.SKILL && stands.decision() == Decision.SPLIT && !stands.cause().restsTheStep();
    }

    private static boolean replaces(Suggestion fresh, Suggestion open) {
        if (goesUp(fresh) && !open.cause().restsTheStep()) {
            return true; // what it was raised for is gone: a suggestion is of today
        }
        if (goesUp(open) && fresh.reasons().stream().anyMatch(r -> r.code() == Reason.Code.TOO_MUCH_RECENT || r.code() == Reason.Code.AFTER_PAUSE)) {
            return true;
        }
        if (fresh.decision() == Decision.REFRESH && open.cause() == Cause.REOPENED) {
            return false; // what was reached does not hold, however long nobody practised
        }
        if (goesUp(open) && fresh.decision() == Decision.REFRESH) {
            return false; // a pause takes nothing away: what was passed waits for its answer
        }
        if (fresh.cause() == open.cause()) {
            return open.decision() != Decision.CALL || fresh.decision() == Decision.CALL;
        }
        int lines = Integer.compare(fresh.cause().line(), open.cause().line());
        return lines < 0 || lines == 0 && isGraver(fresh, open);
    }

    /** Of one line: an alarm, what rests the step, a CALL. */
    private static boolean isGraver(Suggestion fresh, Suggestion open) {
        if (fresh.cause() == Cause.ALARM || fresh.cause().restsTheStep() != open.cause().restsTheStep()) {
            return fresh.cause().restsTheStep();
        }
        return fresh.decision() == Decision.CALL && open.decision() != Decision.CALL;
    }

    private static boolean goesUp(Suggestion said) {
        return said.decision() == Decision.UP || said.decision() == Decision.DONE;
    }
}

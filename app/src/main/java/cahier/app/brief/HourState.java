package cahier.app.brief;

import cahier.app.lesson.Shown;
import cahier.core.rep.Outcome;
import cahier.core.rep.Role;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A lesson as it runs: what its page shows, on every device the same.
 *
 * @param began when; none before it does
 * @param over whether it was given or missed
 * @param at which block is at hand, 0-based
 * @param stands what the step of one track lacks; none where none was asked for
 */
public record HourState(@Nullable Instant began, boolean over, List<Block> agenda, int at, Map<Shown, Boolean> shown, String notes, List<OnTrack> tracks, @Nullable Stands stands) {

    /** @param track worked in it; none in the others */
    public record Block(String title, int minutes, @Nullable Long track) {
    }

    /**
     * A track of the household.
     *
     * @param why it rests; empty while it may be worked
     * @param step where its dog stands; none where it stands nowhere
     * @param reps of this lesson, oldest first
     */
    public record OnTrack(long id, String title, String dog, String why, @Nullable OnStep step, List<Tapped> reps) {
    }

    /**
     * @param number of the step, the first is 1
     * @param minutes of the longest session
     * @param measures whether it measures: then it is logged on its own page
     */
    public record OnStep(long id, int number, int of, String title, String how, String pass, String cautions, int dose, int minutes, boolean measures, Coached coach, List<Slipped> slips) {
    }

    /** The coach's table, as the owner's page carries it. */
    public record Coached(String advice, String easy, String next, int tooShort) {
    }

    public record Slipped(String code, String name, String remedy) {
    }

    public record Tapped(UUID id, Outcome outcome, Role role, Instant at, @Nullable Long person) {
    }

    /**
     * @param missing "2 more clean reps in a row"; empty when the step may pass
     * @param odds of 100 that it is clean {@code bar} of 10 times or more
     * @param clean of the last {@code of}
     */
    public record Stands(long track, String missing, long odds, long bar, int clean, int of) {
    }
}

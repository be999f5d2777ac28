package cahier.app.track;

import cahier.core.measure.Measure;
import cahier.core.pass.Run;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * One step of a track. Its number is its place in the track, counted from 1, and changes when steps are moved.
 *
 * @param written the step as somebody wrote it
 * @param templateKey which step of the track's template it was made from; empty for the trainer's own
 * @param now where it stands, on a step that measures; none before the first look
 * @param settled as it is written, the rule chosen by how often it is practised
 */
public record Step(long id, long trackId, int position, int version, StepPlan written, String templateKey, @Nullable Adjusted now, StepPlan settled) {

    /** A step whose criterion stands as it is written. */
    public Step(long id, long trackId, int position, int version, StepPlan written, String templateKey) {
        this(id, trackId, position, version, written, templateKey, null, written);
    }

    /** What it asks for now: as it is written, and on a step that measures where it stands. */
    public StepPlan plan() {
        return now == null || measure().isEmpty() ? settled : settled.withTitle(written.title() + ": " + now.words());
    }

    /** What it asks for after a pause, on a step that measures: one adjusting easier. */
    public StepPlan easier() {
        return now == null || measure().isEmpty() ? settled : settled.withTitle(written.title() + ": " + now.easier());
    }

    /** The same, passed in another way. */
    public Step passedBy(PassChoice rule) {
        StepPlan other = written.passedBy(rule, Run.DEFAULT, written.spread());
        return new Step(id, trackId, position, version, other, templateKey, now, other);
    }

    public String title() {
        return plan().title();
    }

    /** Where today's walk goes that goes place by place, one place fewer where it begins easier; none on every other step. */
    public List<String> places(boolean beginsEasier) {
        int far = now == null || now.value() == null ? 1 : now.value().intValue();
        return measure().flatMap(Measure::placeByPlace).map(w -> w.first(beginsEasier ? far - 1 : far)).orElse(List.of());
    }

    /** What it measures, where its criterion adjusts itself. */
    public Optional<Measure> measure() {
        return Optional.ofNullable(written.teaching().measure());
    }
}

package cahier.app.track;

import cahier.core.decide.TrackKind;
import cahier.core.pass.Spread;
import cahier.core.rep.Aid;
import org.jspecify.annotations.Nullable;

/** A step as its table has it. */
record StepRow(long id, long trackId, int position, int version, String title, String how, String place, @Nullable Double distanceM,
               @Nullable Double durationS, String distraction, String who, Aid aid, String word, PassChoice pass, int run, int reps, int sessions,
               int minutes, String onMiss, String cautions, Teaching teaching, @Nullable Spread spread, String templateKey, @Nullable Adjusted now, TrackKind kind, boolean often) {

    Step toStep() {
        StepPlan written = new StepPlan(title, how, place, distanceM, durationS, distraction, who, aid, word,
                pass, run, reps, sessions, minutes, onMiss, cautions, teaching, spread);
        return new Step(id, trackId, position, version, written, templateKey, now, written.settled(kind, often));
    }
}

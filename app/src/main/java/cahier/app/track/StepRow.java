package cahier.app.track;

import org.jspecify.annotations.Nullable;

/** A step as its table has it. */
record StepRow(long id, long trackId, int position, int version, String title, String how, String place, @Nullable Double distanceM,
               @Nullable Double durationS, String distraction, String who, boolean lure, String word, PassChoice pass, int run, int reps, int sessions,
               int minutes, String onMiss, String cautions) {

    Step toStep() {
        return new Step(id, trackId, position, version, new StepPlan(title, how, place, distanceM, durationS, distraction, who, lure, word,
                pass, run, reps, sessions, minutes, onMiss, cautions));
    }
}

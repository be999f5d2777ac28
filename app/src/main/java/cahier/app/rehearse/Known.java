package cahier.app.rehearse;

import cahier.app.draw.Bundle;
import cahier.app.language.Words;
import cahier.app.track.StepPlan;
import cahier.core.decide.TrackKind;
import cahier.core.rehearse.Answering;
import cahier.core.rehearse.Owners;
import cahier.core.rehearse.Past;
import cahier.core.rehearse.Plan;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * A plan with all that is known of who will walk it.
 *
 * @param steps titles of what is walked, the first step first
 * @param left titles of steps that measure, which adjust themselves and are not walked
 * @param from the step they begin on, 0-based
 * @param people who practise, by number
 * @param past what the real dog did; empty where usual dogs walk
 * @param real where it stood
 */
record Known(Plan plan, List<String> steps, List<String> left, int from, Owners owners, Answering answering, Map<String, String> people, List<Past> past, List<Bundle.Point> real, long seed) {

    /** So many steps are as far apart as those of section 40; a plan of more covers the same way in smaller ones. */
    private static final double WHOLE_STEPS = 7;

    /** How far its steps are apart, in those of section 40, above 0, at most 1. */
    static double apart(int steps) {
        return Math.min(1, WHOLE_STEPS / steps);
    }

    /** Steps as they are walked, each as much harder than the one before as any other; often says whether they are practised three times a week or more. */
    static Plan plan(TrackKind kind, List<StepPlan> steps, boolean often) {
        double apart = apart(steps.size());
        return new Plan(kind, IntStream.range(0, steps.size()).mapToObj(i -> new Plan.Step(apart * i, steps.get(i).rule(kind, often), Math.max(1, steps.get(i).reps()))).toList());
    }

    /** "Made-up dogs like Sorrel, by its 212 reps", "usual dogs". */
    String dogs(String dog) {
        int reps = past.stream().mapToInt(p -> p.outcomes().size()).sum();
        return reps == 0 ? Words.say("rehearse.Known.usual-made-up-dogs") : Words.say("rehearse.Known.made-up-dogs-like-by", dog, reps);
    }
}

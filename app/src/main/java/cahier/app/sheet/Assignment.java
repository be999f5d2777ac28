package cahier.app.sheet;

import cahier.app.language.Words;
import cahier.app.roadmap.RoadmapTrack;
import cahier.app.track.Step;
import cahier.app.track.StepPlan;
import cahier.core.decide.Refresh;
import cahier.core.decide.TrackKind;
import cahier.core.rest.Permit;
import cahier.core.rest.Permit.Verdict;
import java.util.List;
import java.util.Optional;

/**
 * One track of the sheet that is out, as it is to be practised at a moment.
 *
 * @param permit the one answer
 * @param worked the step that is practised; none while it rests
 * @param easier what is easier than that one, if it is known
 * @param why what holds it back, in a sentence; empty when nothing does
 * @param forGrownUps whether nobody under 16 practises it
 * @param refresh how the next session begins after a pause; none where it is an ordinary one
 */
public record Assignment(SheetItem item, Permit permit, Optional<Worked> worked, Optional<StepPlan> easier, String why, TrackKind kind, long dogId, boolean forGrownUps, Optional<Refresh> refresh) {

    /**
     * @param number from 1
     * @param places of a walk that goes place by place, as far as it goes today; else empty
     */
    public record Worked(long stepId, StepPlan plan, int number, List<String> places) {

        Worked(long stepId, StepPlan plan, int number) {
            this(stepId, plan, number, List.of());
        }
    }

    static Assignment of(SheetItem item, RoadmapTrack way, Permit permit) {
        Optional<Integer> index = permit.step().stream().boxed().findFirst();
        Optional<Refresh> refresh = index.filter(i -> way.roadmap().currentIndex().filter(i::equals).isPresent()).flatMap(i -> way.allowed().refresh(way.roadmap()));
        return new Assignment(item, permit, index.map(i -> worked(item, way, i, refresh)), easier(item, way, permit), way.why(permit), way.track().kind(), way.track().dogId(), way.allowed().isForGrownUps(way.track()), refresh);
    }

    /** As the sheet has it where it has it; else as it stands in the track. A step that measures is asked for where it stands now, whatever the sheet said. */
    private static Worked worked(SheetItem item, RoadmapTrack way, int index, Optional<Refresh> refresh) {
        List<Step> steps = way.roadmap().steps();
        if (index < steps.size() && steps.get(index).measure().isPresent()) {
            Step step = steps.get(index);
            boolean easier = refresh.filter(Refresh.EASIER_THROUGHOUT::equals).isPresent();
            StepPlan plan = easier ? step.easier() : step.plan();
            return new Worked(step.id(), item.forUpkeep() ? plan.once(1) : plan, index + 1, step.places(easier));
        }
        if (index >= steps.size() || index == asked(item, way)) {
            return new Worked(item.stepId(), item.plan(), item.number());
        }
        Step step = steps.get(index);
        SheetItem.Below below = item.below();
        return new Worked(step.id(), below != null && below.stepId() == step.id() ? below.plan() : step.plan(), index + 1);
    }

    private static Optional<StepPlan> easier(SheetItem item, RoadmapTrack way, Permit permit) {
        if (permit.verdict() == Verdict.GO) {
            return Optional.ofNullable(item.below()).map(SheetItem.Below::plan);
        }
        return permit.step().stream().boxed().filter(i -> i > 0 && i <= way.roadmap().steps().size()).findFirst().map(i -> way.roadmap().steps().get(i - 1).plan());
    }

    /** 0-based index of the step the sheet asks for; of one that was removed since, where it stood. */
    static int asked(SheetItem item, RoadmapTrack way) {
        return way.roadmap().indexOf(item.stepId()).orElse(item.number() - 1);
    }

    /** Whether there is a step to practise at all. */
    public boolean isPractised() {
        return permit.isPractised();
    }

    /** Whether an easier step than the sheet's is practised. */
    public boolean isEasier() {
        return permit.verdict() == Verdict.EASIER;
    }

    public long stepId() {
        return worked.map(Worked::stepId).orElse(item.stepId());
    }

    public StepPlan plan() {
        return worked.map(Worked::plan).orElse(item.plan());
    }

    /** How the next session begins after a pause, in words; empty where it is an ordinary one. */
    public String beginsWords() {
        return refresh.map(r -> switch (r) {
            case COLD_CHECK -> Words.say("sheet.Assignment.after-the-break-one-rep");
            case EASIER -> Words.say("sheet.Assignment.after-the-break-begin-with");
            case HALF_DOSE -> Words.say("sheet.Assignment.after-the-break-half-as");
            case EASIER_THROUGHOUT -> Words.say("sheet.Assignment.after-the-break-easier-all");
        }).orElse("");
    }

    public int number() {
        return worked.map(Worked::number).orElse(item.number());
    }
}

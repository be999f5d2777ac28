package cahier.app.step;

import cahier.app.household.Place;
import cahier.app.track.StepPlan;
import cahier.app.track.TrackSteps;
import cahier.core.climb.Between.Criterion;
import java.util.List;

/** A step put before another by half of what differs (docs/rules.md 6). */
public final class Halfway {

    private static final int LONGEST_TITLE = 80;

    private Halfway() {
    }

    /**
     * Of several things that the step raises over the one before it the new one leaves the later half as they were; of one alone it goes half the way,
     * where a handy figure lies between; else it asks what the one before it does, for the trainer to write what differs.
     *
     * @param upper 0-based, before which it goes; the first step gets another like itself
     */
    public static StepPlan before(TrackSteps map, int upper, List<Place> places) {
        StepPlan here = map.steps().get(upper).written();
        String title = here.titledHalfWay().title();
        String name = title.length() > LONGEST_TITLE ? title.substring(0, LONGEST_TITLE).strip() : title;
        if (upper == 0) {
            return here.withTitle(name);
        }
        StepPlan below = map.steps().get(upper - 1).written();
        List<Criterion> left = StepAsks.rising(map, places).leftBetween(upper);
        if (left.isEmpty()) {
            StepPlan between = here.halfWayTo(below);
            return (between.equals(here) ? below : between).withTitle(name);
        }
        StepPlan between = here;
        for (Criterion criterion : left) {
            between = with(between, criterion, below);
        }
        return between.withTitle(name);
    }

    private static StepPlan with(StepPlan plan, Criterion criterion, StepPlan of) {
        return switch (criterion) {
            case PLACE -> plan.withPlace(of.place());
            case DISTANCE -> plan.withDistance(of.distanceM());
            case DURATION -> plan.withDuration(of.durationS());
            case DISTRACTION -> plan.withDistraction(of.distraction());
            case COMPANY -> plan.withWho(of.who());
            case HELPER -> plan;
            case AID -> plan.aided(of.aid());
            case WORD -> plan.withWord(of.word());
            case CHAIN -> plan.chained(of.teaching().events());
            case FOOD -> plan.fed(of.teaching().fed());
        };
    }
}

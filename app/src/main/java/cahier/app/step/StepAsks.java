package cahier.app.step;

import cahier.app.household.Place;
import cahier.app.track.Step;
import cahier.app.track.StepPlan;
import cahier.app.track.Track;
import cahier.app.track.TrackSteps;
import cahier.core.climb.Between;
import cahier.core.climb.Between.Asks;
import cahier.core.climb.Between.Harder;
import cahier.core.climb.Rising;
import cahier.core.decide.TrackKind;
import cahier.core.gate.Topic;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.OptionalInt;

/** What a step asks, as the core compares it. */
public final class StepAsks {

    private StepAsks() {
    }

    /** @param places of the household, whose difficulties tell which is harder */
    public static Asks of(StepPlan plan, List<Place> places) {
        OptionalInt difficulty = places.stream().filter(p -> p.name().equalsIgnoreCase(plan.place().strip())).mapToInt(Place::difficulty).findFirst();
        return new Asks(plan.place(), difficulty, plan.distanceM(), plan.durationS(), plan.distraction(), plan.who(), plan.teaching().helper().ordinal(), plan.aid(), plan.word(), plan.teaching().events(), plan.teaching().fed().ordinal());
    }

    /** What the steps of a track raise and relax. */
    public static Rising rising(TrackSteps map, List<Place> places) {
        return new Rising(map.steps().stream().map(s -> of(s.plan(), places)).toList(), distance(map));
    }

    /** As the steps of the track say; a track that says nothing, and is about fear, gets harder nearer. */
    static Harder distance(TrackSteps map) {
        Harder read = Between.direction(map.steps().stream().map(Step::plan).map(StepPlan::distanceM).filter(Objects::nonNull).toList());
        Track track = map.track();
        boolean fear = track.kind() == TrackKind.COMFORT && EnumSet.of(Topic.DOGS, Topic.PEOPLE, Topic.NOISE).contains(track.topic());
        return read == Harder.UNKNOWN && fear ? Harder.NEARER : read;
    }
}

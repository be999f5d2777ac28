package cahier.app.step;

import cahier.app.household.Place;
import cahier.app.language.Words;
import cahier.app.track.StepPlan;
import cahier.app.track.TrackSteps;
import cahier.core.climb.Staircase;
import java.util.List;
import java.util.Optional;

/**
 * Where a track is entered in another place (docs/rules.md 6): fewer steps back the more alike the places are.
 *
 * @param old the place the dog works in now, if the household has one of that name
 * @param entry 0-based, the step the new place begins with
 * @param reached 0-based, the step the dog is on
 * @param steps from the entry to the reached one, in the new place
 */
record NewPlace(Optional<Place> old, Place place, int entry, int reached, List<StepPlan> steps) {

    private static final int LONGEST_TITLE = 80;

    static NewPlace of(TrackSteps map, List<Place> places, Place place) {
        int reached = map.currentIndex().orElse(0);
        String now = map.steps().get(reached).plan().place();
        Optional<Place> old = places.stream().filter(p -> p.name().equalsIgnoreCase(now)).findFirst();
        int entry = Staircase.entryInNewPlace(reached, old.map(Place::difficulty).orElse(0), place.difficulty());
        return new NewPlace(old, place, entry, reached, map.steps().subList(entry, reached + 1).stream().map(s -> there(s.written(), place)).toList());
    }

    private static StepPlan there(StepPlan plan, Place place) {
        String title = plan.title() + ", " + place.name();
        return plan.withPlace(place.name()).withTitle(title.length() > LONGEST_TITLE ? title.substring(0, LONGEST_TITLE) : title);
    }

    /** "Difficulty 1 in the hall, 4 in the park. Step 5 is reached, so begin with step 2." */
    public String why() {
        return Words.say("step.NewPlace.difficulty-in-step-is-reached", old.map(o -> Words.say("step.NewPlace.in", o.difficulty(), o.name())).orElse(""), place.difficulty(), place.name(), (reached + 1), (entry + 1));
    }
}

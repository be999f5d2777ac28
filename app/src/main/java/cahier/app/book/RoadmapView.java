package cahier.app.book;

import cahier.app.draw.Drawing;
import cahier.app.draw.Lanes;
import cahier.app.household.Dog;
import cahier.app.household.Household;
import cahier.app.language.Words;
import cahier.app.roadmap.ParkedItem;
import cahier.app.roadmap.RoadmapTrack;
import cahier.app.roadmap.Starts.Missing;
import cahier.app.roadmap.Wait;
import cahier.app.track.TrackSteps;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/**
 * The roadmap of a household.
 *
 * @param next the tracks that go on the next sheet by themselves
 * @param schoolChanges tracks whose steps are written in another school than the household's
 */
record RoadmapView(Household household, List<OfDog> dogs, List<RoadmapTrack> next, Load load, List<Missing> missing, List<ParkedItem> parked,
                   int schoolChanges, LocalDate today) {

    /** One dog's tracks. */
    record OfDog(Dog dog, List<RoadmapTrack> ways, Drawing lanes) {
    }

    static List<OfDog> byDog(List<Dog> dogs, List<RoadmapTrack> ways) {
        return dogs.stream().map(dog -> {
            List<RoadmapTrack> of = ways.stream().filter(w -> w.track().dogId() == dog.id()).toList();
            return new OfDog(dog, of, lanes(of));
        }).filter(d -> !d.ways().isEmpty()).toList();
    }

    private static Drawing lanes(List<RoadmapTrack> ways) {
        List<Long> ids = ways.stream().map(w -> w.track().id()).toList();
        List<Lanes.Tie> ties = new ArrayList<>();
        for (int i = 0; i < ways.size(); i++) {
            for (Wait wait : ways.get(i).waits()) {
                int first = ids.indexOf(wait.firstTrackId());
                if (first >= 0) {
                    ties.add(new Lanes.Tie(i, wait.number() - 1, first, wait.firstNumber() - 1, wait.met()));
                }
            }
        }
        return Lanes.of(ways.stream().map(RoadmapView::lane).toList(), ties);
    }

    private static Lanes.Lane lane(RoadmapTrack way) {
        TrackSteps map = way.roadmap();
        int steps = map.steps().size();
        boolean done = way.track().isDone();
        return new Lanes.Lane(way.track().title(), steps, done ? steps : map.currentIndex().orElse(0), way.isOpen(),
                done || steps == 0 ? way.state().word() : Words.say("book.RoadmapView.step-of", way.state().word(), map.number(), steps));
    }

    public boolean isNext(RoadmapTrack way) {
        return next.contains(way);
    }

    public int minutes(RoadmapTrack way) {
        return Load.minutes(way);
    }

    public List<RoadmapTrack> ways() {
        return dogs.stream().flatMap(d -> d.ways().stream()).toList();
    }

    public boolean canIssue() {
        return possible() > 0;
    }

    /** How many tracks could be on a sheet at all. */
    public long possible() {
        return ways().stream().filter(RoadmapTrack::canBeIssued).count();
    }
}

package cahier.app.measure;

import cahier.app.track.Track;
import cahier.app.track.TrackSteps;
import cahier.core.decide.TrackKind;
import cahier.core.measure.Measure;
import java.util.List;
import java.util.Optional;

/** Which tracks of a household measure by what is logged, and which could. */
public record Measurers(List<TrackSteps> tracks) {

    /** The track that has what is logged of a dog as its reps: the one that stands on such a step first. */
    public Optional<Track> of(long dog, Measure.Kind kind, String about) {
        return Measured.places(tracks, dog).stream().filter(p -> p.measure().takes(kind, about)).map(p -> p.map().track()).findFirst();
    }

    /** Those a step that measures could be added to. */
    public List<Track> hosts(long dog) {
        return tracks.stream().map(TrackSteps::track).filter(t -> t.dogId() == dog && t.kind() == TrackKind.COMFORT && !t.isDone()).toList();
    }
}

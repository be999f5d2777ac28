package cahier.app.measure;

import cahier.app.track.Track;
import cahier.app.track.TrackSteps;
import cahier.core.decide.TrackKind;
import cahier.core.exposure.Trigger;
import cahier.core.gate.Topic;
import cahier.core.measure.Measure;
import java.util.List;
import java.util.Optional;

/** Which tracks of a household measure by what is logged, and which could. */
public record Measurers(List<TrackSteps> tracks) {

    /** The track that has what is logged of a dog as its reps: the one that stands on such a step first. */
    public Optional<Track> of(long dog, Measure.Kind kind, String about) {
        return Measured.places(tracks, dog).stream().filter(p -> p.measure().takes(kind, about)).map(p -> p.map().track()).findFirst();
    }

    /** Those a step that measures it could be added to: of the dog, about the same, and worked on. */
    public List<Track> hosts(long dog, Measure.Kind kind, String about) {
        Topic topic = switch (kind) {
            case DISTANCE -> Trigger.valueOf(about).topic();
            case NOISE -> Topic.NOISE;
            case ALONE -> Topic.ALONE;
            case ZONE -> Topic.HANDLING;
            case SITTING, WALK -> Topic.PEOPLE;
        };
        return tracks.stream().map(TrackSteps::track).filter(t -> t.dogId() == dog && t.kind() == TrackKind.COMFORT && t.topic() == topic && !t.isDone()).toList();
    }
}

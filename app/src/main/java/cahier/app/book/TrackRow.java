package cahier.app.book;

import cahier.app.draw.Drawing;
import cahier.app.judge.Decided;
import cahier.app.judge.Note;
import cahier.app.roadmap.RoadmapTrack;
import cahier.app.track.Step;
import cahier.app.track.Track;
import cahier.app.track.TrackSteps;
import cahier.core.gate.RedFlag;
import cahier.core.slip.Remedy;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;

/**
 * One track in the book: the note in the margin, the plan on the page.
 *
 * @param note what stands in the margin; none when nothing has been judged yet
 * @param decision the trainer's last decision while it is news, shown on the page in the trainer's voice
 * @param remedy what the misses at the current step point to
 * @param today in the zone of the household
 * @param strip the last reps at the current step
 */
public record TrackRow(RoadmapTrack way, Optional<Note> note, Optional<Decided> decision, Drawing strip, int reps, Drawing staircase,
                Optional<Remedy> remedy, ZoneId zone, LocalDate today) {

    public TrackSteps roadmap() {
        return way.roadmap();
    }

    public Track track() {
        return way.track();
    }

    public List<RedFlag> shutBy() {
        return way.shutBy();
    }

    public Optional<Step> step() {
        return roadmap().current();
    }
}

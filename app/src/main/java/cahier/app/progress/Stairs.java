package cahier.app.progress;

import cahier.app.draw.Drawing;
import cahier.app.draw.StairDrawing;
import cahier.app.household.Facts;
import cahier.app.household.Household;
import cahier.app.log.PracticeDay;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.app.web.Dates;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;

/** Draws the staircase of a track from what its household practised; the same for trainers and owners. */
@Component
public class Stairs {

    private final Tracks tracks;

    Stairs(Tracks tracks) {
        this.tracks = tracks;
    }

    /**
     * The staircase of one track.
     *
     * @param all the daily sums of the household
     */
    public Drawing of(Facts facts, TrackSteps roadmap, List<PracticeDay> all, Instant now) {
        List<PracticeDay> days = all.stream().filter(d -> d.trackId() == roadmap.track().id() && d.reps() > 0).toList();
        Household household = facts.household();
        LocalDate today = now.atZone(household.zone()).toLocalDate();
        List<StairDrawing.Day> drawn = new ArrayList<>();
        days.forEach(d -> roadmap.indexOf(d.stepId()).ifPresent(i ->
                drawn.add(new StairDrawing.Day(d.day(), i + 1, (double) d.clean() / d.reps(), d.tooMuch() > 0))));
        LocalDate start = tracks.visits(roadmap.track()).stream().findFirst()
                .map(v -> v.enteredAt().atZone(household.zone()).toLocalDate()).orElse(today);
        LocalDate first = drawn.isEmpty() || start.isBefore(drawn.get(0).date()) ? start : drawn.get(0).date();
        int current = roadmap.track().isDone() ? roadmap.steps().size() + 1 : Math.max(1, roadmap.number());
        List<LocalDate> lessons = facts.lessons().stream().map(l -> l.startsAt().atZone(household.zone()).toLocalDate()).toList();
        return StairDrawing.of(drawn, roadmap.steps().size(), current, first, today, lessons, alt(roadmap, drawn, first));
    }

    private static String alt(TrackSteps roadmap, List<StairDrawing.Day> days, LocalDate first) {
        if (days.isEmpty()) {
            return roadmap.track().title() + ": no reps yet.";
        }
        long tooMuch = days.stream().filter(StairDrawing.Day::tooMuch).count();
        String where = roadmap.track().isDone() ? "goal reached" : "step " + roadmap.number() + " of " + roadmap.steps().size() + " now";
        return roadmap.track().title() + ": begun " + Dates.shortDate(first) + ", " + days.size() + " days of practice, " + where + "."
                + (tooMuch == 0 ? "" : " Too much on " + tooMuch + (tooMuch == 1 ? " day." : " days."));
    }
}

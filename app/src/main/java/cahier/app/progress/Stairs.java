package cahier.app.progress;

import cahier.app.draw.Drawing;
import cahier.app.draw.MeasureStair;
import cahier.app.draw.StairDrawing;
import cahier.app.household.Facts;
import cahier.app.household.Household;
import cahier.app.language.Words;
import cahier.app.log.PracticeDay;
import cahier.app.log.RepLog;
import cahier.app.track.MeasureWords;
import cahier.app.track.Step;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.app.web.Dates;
import cahier.core.measure.Measure;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Draws the staircase of a track from what its household practised; the same for trainers and owners. */
@Component
public class Stairs {

    private final Tracks tracks;
    private final RepLog log;

    Stairs(Tracks tracks, RepLog log) {
        this.log = log;
        this.tracks = tracks;
    }

    /**
     * The staircase of one track.
     *
     * @param all the daily sums of the household
     */
    public Drawing of(Facts facts, TrackSteps roadmap, List<PracticeDay> all, Instant now) {
        Optional<Step> measured = roadmap.current().filter(s -> s.measure().filter(m -> m.kind() != Measure.Kind.ZONE).isPresent());
        if (measured.isPresent()) {
            return measured(facts, roadmap, measured.get(), now);
        }
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

    /** On its own scale, from the first day on that this step was practised. */
    private Drawing measured(Facts facts, TrackSteps roadmap, Step step, Instant now) {
        Measure measure = step.measure().orElseThrow();
        LocalDate today = now.atZone(facts.household().zone()).toLocalDate();
        List<MeasureStair.Day> days = log.measuredDays(facts.household()).stream().filter(d -> d.stepId() == step.id()).map(d -> {
            Double best = measure.kind().isNearer() ? d.least() : d.most();
            return new MeasureStair.Day(d.day(), best == null ? Double.NaN : best, d.tooMuch());
        }).toList();
        LocalDate start = days.isEmpty() ? today : days.get(0).date();
        Double value = step.now() == null ? null : step.now().value();
        String says = value == null ? "" : MeasureWords.value(measure, value);
        String goal = MeasureWords.value(measure, measure.goal());
        List<LocalDate> lessons = facts.lessons().stream().map(l -> l.startsAt().atZone(facts.household().zone()).toLocalDate()).toList();
        return MeasureStair.of(days, new MeasureStair.Scale(value == null ? Double.NaN : value, says, measure.goal(), goal), start, today, lessons,
                Words.say("progress.Stairs.days-of-practice-goal", roadmap.track().title(), days.size(), (says.isEmpty() ? Words.say("progress.Stairs.not-known-yet") : Words.say("progress.Stairs.now", says)), goal));
    }

    private static String alt(TrackSteps roadmap, List<StairDrawing.Day> days, LocalDate first) {
        if (days.isEmpty()) {
            return Words.say("progress.Stairs.no-reps-yet", roadmap.track().title());
        }
        long tooMuch = days.stream().filter(StairDrawing.Day::tooMuch).count();
        String where = roadmap.track().isDone() ? Words.say("progress.Stairs.goal-reached") : Words.say("progress.Stairs.step-of-now", roadmap.number(), roadmap.steps().size());
        return Words.say("progress.Stairs.begun-days-of-practice", roadmap.track().title(), Dates.shortDate(first), days.size(), where, (tooMuch == 0 ? "" : Words.say("progress.Stairs.too-much-on", tooMuch)));
    }
}

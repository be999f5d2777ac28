package cahier.app.progress;

import cahier.app.draw.Drawing;
import cahier.app.forecast.Forecasts;
import cahier.app.forecast.Outlook;
import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.language.Words;
import cahier.app.log.KeptRep;
import cahier.app.log.PracticeDay;
import cahier.app.log.RepLog;
import cahier.app.scope.PracticeId;
import cahier.app.track.Adjusted;
import cahier.app.track.Stay;
import cahier.app.track.Step;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.core.decide.Decision;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How far each track has come, as an owner may see it: no points, no praise, and the step backs are there. */
@Service
@Transactional
public class Progress {

    private static final Duration LATELY = Duration.ofDays(14);

    private final Households households;
    private final Tracks tracks;
    private final RepLog log;
    private final Stairs stairs;
    private final Forecasts forecasts;

    Progress(Households households, Tracks tracks, RepLog log, Stairs stairs, Forecasts forecasts) {
        this.households = households;
        this.tracks = tracks;
        this.log = log;
        this.stairs = stairs;
        this.forecasts = forecasts;
    }

    /**
     * One track.
     *
     * @param backs how often the dog went a step back
     * @param least reps to the goal at the least, when every one is clean; 0 when it is reached
     * @param when the forecast in one sentence, empty when the goal is reached or nobody has practised yet
     * @param byPerson reps of the last two weeks, by name
     * @param practised whether anybody ever did
     */
    public record OfTrack(TrackSteps roadmap, Drawing stairs, long backs, long least, Map<String, Long> byPerson, String when, boolean practised) {

        /** "Step 4 of 13. Twice a step back, which is part of it. At least 47 more clean reps to the goal." */
        public String words() {
            if (roadmap.track().isDone()) {
                return Words.say("way.done");
            }
            return Stream.of(Words.say("way.step", roadmap.number(), roadmap.steps().size()), stands(), backs == 0 ? "" : Words.say("way.backs", backs), practised ? Words.say("way.least", least) : "")
                    .filter(s -> !s.isEmpty()).collect(Collectors.joining(" "));
        }

        /** "28 m now, 8 m is the goal.": on a step that measures, where that is known. */
        private String stands() {
            return roadmap.current().map(Step::now).map(Adjusted::way).filter(way -> !way.isEmpty()).map(way -> Words.say("way.now", way.get(0), way.get(way.size() - 1))).orElse("");
        }

        /** "In the last two weeks: Dele 24 reps, Marit 12." */
        public String who() {
            return !practised ? Words.say("progress.Progress.no-reps-yet-how-far") : byPerson.isEmpty() ? Words.say("progress.Progress.no-reps-in-the-last")
                    : Words.say("progress.Progress.in-the-last-two-weeks", byPerson.entrySet().stream().map(e -> e.getKey() + " " + e.getValue()).collect(Collectors.joining(", ")));
        }
    }

    /** Every track that has steps, in the trainer's order, done ones last. */
    public List<OfTrack> of(PracticeId practice, long household, Instant now) {
        Facts facts = households.facts(practice, household);
        List<PracticeDay> days = log.days(practice, household);
        List<KeptRep> lately = log.ofHousehold(practice, household, now.minus(LATELY));
        return tracks.ofHousehold(practice, household).stream().filter(m -> !m.steps().isEmpty()).map(map -> {
            long track = map.track().id();
            long backs = tracks.visits(map.track()).stream().map(Stay::leftBy).filter(by -> Decision.BACK.name().equals(by)).count();
            Map<String, Long> byPerson = lately.stream().filter(r -> r.trackId() == track).collect(Collectors.groupingBy(r -> name(facts, r), TreeMap::new, Collectors.counting()));
            return new OfTrack(map, stairs.of(facts, map, days, now), backs, Forecasts.least(map), byPerson, forecasts.of(practice, map, facts, days, now).map(Outlook::plain).orElse(""),
                    days.stream().anyMatch(d -> d.trackId() == track && d.reps() > 0));
        }).toList();
    }

    private static String name(Facts facts, KeptRep rep) {
        String name = facts.personName(rep.personId());
        return name.isEmpty() ? Words.say("progress.Progress.someone") : name;
    }
}

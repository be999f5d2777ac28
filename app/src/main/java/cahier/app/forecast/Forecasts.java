package cahier.app.forecast;

import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.household.Lesson;
import cahier.app.language.Words;
import cahier.app.log.PracticeDay;
import cahier.app.log.RepLog;
import cahier.app.scope.PracticeId;
import cahier.app.track.Adjusted;
import cahier.app.track.PassChoice;
import cahier.app.track.Stay;
import cahier.app.track.Step;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.core.forecast.Effort;
import cahier.core.forecast.Forecast;
import cahier.core.forecast.Pace;
import cahier.core.forecast.Prior;
import cahier.core.measure.Measure;
import cahier.core.pass.PassRule;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reckons when a track may reach its goal (docs/rules.md 8), and keeps what was said when homework went out. */
@Service
@Transactional(readOnly = true)
public class Forecasts {

    /** Three a day. */
    public static final int MOST_SESSIONS = 21;
    /** Sessions a week that are compared. */
    private static final List<Integer> RHYTHMS = List.of(2, 3, 5, 7, 14);
    /** Shorter than a day no rhythm is. */
    private static final Duration SHORTEST_RHYTHM = Duration.ofDays(1);

    private final Households households;
    private final Tracks tracks;
    private final RepLog log;
    private final KeptForecastMapper kept;
    private final Priors priors;

    Forecasts(Households households, Tracks tracks, RepLog log, KeptForecastMapper kept, Priors priors) {
        this.priors = priors;
        this.households = households;
        this.tracks = tracks;
        this.log = log;
        this.kept = kept;
    }

    /** Empty for a track that is done or has no current step. */
    public Optional<Outlook> of(PracticeId practice, TrackSteps map, Instant now) {
        Facts facts = households.facts(practice, map.track().householdId());
        return of(practice, map, facts, log.days(practice, map.track().householdId()), now);
    }

    /** The same, from what was read before. */
    public Optional<Outlook> of(PracticeId practice, TrackSteps map, Facts facts, List<PracticeDay> household, Instant now) {
        if (map.track().isDone() || map.currentIndex().isEmpty()) {
            return Optional.empty();
        }
        ZoneId zone = facts.household().zone();
        LocalDate today = now.atZone(zone).toLocalDate();
        Prior prior = priors.of(practice);
        Forecast.Track track = track(map, facts, household, prior, now);
        Optional<LocalDate> lesson = facts.lessonAfter(now).map(l -> l.startsAt().atZone(zone).toLocalDate());
        Forecast forecast = Forecast.of(track, today, lesson, map.track().id(), Forecast.RUNS);
        return Optional.of(new Outlook(forecast, today, way(map).stream().map(Way::name).toList(), lesson, forecast.middle().flatMap(day -> lessons(facts, today, day)), (int) Math.round(track.pace().kappa() - prior.pace().kappa()), track.days().size(), prior.tracks(), least(track),
                household.stream().anyMatch(d -> d.trackId() == map.track().id() && d.reps() > 0)));
    }

    /** What lies before the goal, the current step first; of a step that measures each adjusting. */
    private record Way(Forecast.Ahead ahead, String name) {
    }

    private static List<Way> way(TrackSteps map) {
        List<Way> way = new ArrayList<>();
        for (int i = map.currentIndex().orElseThrow(); i < map.steps().size(); i++) {
            Step step = map.steps().get(i);
            Adjusted now = step.now();
            Optional<Measure> measure = step.measure();
            if (measure.isPresent() && now != null && !now.way().isEmpty()) {
                now.way().forEach(w -> way.add(new Way(Forecast.oneAdjusting(measure.get().kind(), Math.max(1, step.plan().reps())), w)));
            } else {
                way.add(new Way(new Forecast.Ahead(usual(map, step), rule(map, step).least()), Words.say("forecast.Forecasts.step", (i + 1))));
            }
        }
        return way;
    }

    private Forecast.Track track(TrackSteps map, Facts facts, List<PracticeDay> household, Prior prior, Instant now) {
        int at = map.currentIndex().orElseThrow();
        ZoneId zone = facts.household().zone();
        LocalDate today = now.atZone(zone).toLocalDate();
        List<PracticeDay> days = household.stream().filter(d -> d.trackId() == map.track().id()).toList();
        Map<Long, Integer> spent = days.stream().collect(Collectors.groupingBy(PracticeDay::stepId, Collectors.summingInt(PracticeDay::reps)));
        Map<LocalDate, Integer> daily = days.stream().collect(Collectors.groupingBy(PracticeDay::day, Collectors.summingInt(PracticeDay::reps)));
        LocalDate began = tracks.visits(map.track()).stream().map(Stay::enteredAt).min(Comparator.naturalOrder()).orElse(now).atZone(zone).toLocalDate();
        Pace pace = prior.pace().after(map.steps().subList(0, at).stream().filter(s -> spent.getOrDefault(s.id(), 0) > 0).map(s -> Math.log(Objects.requireNonNull(spent.get(s.id())) / usual(map, s))).toList());
        List<Forecast.Ahead> ahead = way(map).stream().map(Way::ahead).toList();
        Step current = map.steps().get(at);
        return new Forecast.Track(pace, ahead, current.measure().isPresent() ? 0 : spent.getOrDefault(current.id(), 0), Forecast.history(daily, began, today), Math.max(1, current.plan().repsADay()));
    }

    /** Keeps what is said of each open track today, to be held against its end; said twice on a day, the first is kept. */
    @Transactional
    public void keep(PracticeId practice, long household, Instant now) {
        Facts facts = households.facts(practice, household);
        LocalDate today = now.atZone(facts.household().zone()).toLocalDate();
        List<PracticeDay> days = log.days(practice, household);
        for (TrackSteps map : tracks.ofHousehold(practice, household)) {
            of(practice, map, facts, days, now).map(Outlook::forecast).filter(f -> f.why().isEmpty() && f.early().isPresent())
                    .ifPresent(f -> kept.insert(practice, household, map.track().id(), today, f.early().orElseThrow(), f.late().orElse(null)));
        }
    }

    /** Forecasts of tracks that have ended, the latest end first. */
    public List<Held> held(PracticeId practice) {
        return kept.ended(practice);
    }

    /** What the tracks that ended here say of the next one. */
    public Prior prior(PracticeId practice) {
        return priors.of(practice);
    }

    /** "Of 12 forecasts here 9 were right."; empty while no track has ended of which one was kept. */
    public String howOftenRight(PracticeId practice) {
        List<Held> held = held(practice);
        long right = held.stream().filter(Held::isRight).count();
        return held.isEmpty() ? "" : Words.say("forecast.Forecasts.of-here", held.size(), right);
    }

    /**
     * How it would be at other rhythms, and were the steps ahead passed by another rule, the dog as quick as it is now. Empty like {@link #of}.
     *
     * @param sessionsAWeek the rhythm asked for, 1 to {@link #MOST_SESSIONS}
     * @param rule by which every step ahead that it fits would be passed; empty for their own
     */
    public Optional<Rhythms> rhythms(PracticeId practice, TrackSteps map, int sessionsAWeek, Optional<PassChoice> rule, Instant now) {
        if (map.track().isDone() || map.currentIndex().isEmpty()) {
            return Optional.empty();
        }
        TrackSteps other = rule.map(r -> passedBy(map, r)).orElse(map);
        Facts facts = households.facts(practice, map.track().householdId());
        LocalDate today = now.atZone(facts.household().zone()).toLocalDate();
        int reps = map.steps().get(map.currentIndex().get()).plan().reps();
        Forecast.Track track = track(other, facts, log.days(practice, map.track().householdId()), priors.of(practice), now);
        return Optional.of(new Rhythms(rhythm(track, sessionsAWeek, reps, today, map.track().id()), RHYTHMS.stream().map(n -> rhythm(track, n, reps, today, map.track().id())).toList(), least(track)));
    }

    /** Reps to the goal at the least, when every one is clean; 0 where nothing lies before it. */
    public static int least(TrackSteps map) {
        return map.currentIndex().isEmpty() ? 0 : way(map).stream().mapToInt(w -> w.ahead().least()).sum();
    }

    private static int least(Forecast.Track track) {
        return track.ahead().stream().mapToInt(Forecast.Ahead::least).sum();
    }

    private static Rhythm rhythm(Forecast.Track track, int sessions, int reps, LocalDate today, long seed) {
        Forecast f = Forecast.of(new Forecast.Track(track.pace(), track.ahead(), track.spent(), Forecast.rhythm(sessions, reps), track.doseADay()), today, Optional.empty(), seed, Forecast.RUNS);
        return new Rhythm(sessions, f.early().map(d -> weeks(today, d)), f.late().map(d -> weeks(today, d)));
    }

    private static TrackSteps passedBy(TrackSteps map, PassChoice rule) {
        return map.withSteps(map.steps().stream().map(s -> rule.fits(s.plan().reps()) && rule.fitsDuration(s.plan().durationS())
                ? s.passedBy(rule) : s).toList());
    }

    private static int weeks(LocalDate today, LocalDate day) {
        return (int) Math.max(1, Math.ceil(ChronoUnit.DAYS.between(today, day) / 7.0));
    }

    private static PassRule rule(TrackSteps map, Step step) {
        return step.plan().rule(map.track().kind());
    }

    private static double usual(TrackSteps map, Step step) {
        return Effort.baseline(rule(map, step), Math.max(1, step.plan().reps()));
    }

    /** At the middle distance between the lessons that were given or are planned. */
    private static Optional<Integer> lessons(Facts facts, LocalDate today, LocalDate goal) {
        List<Instant> starts = facts.lessons().stream().filter(l -> l.state() != Lesson.State.MISSED).map(Lesson::startsAt).sorted().toList();
        List<Duration> gaps = IntStream.range(1, starts.size()).mapToObj(i -> Duration.between(starts.get(i - 1), starts.get(i))).filter(g -> g.compareTo(SHORTEST_RHYTHM) >= 0).sorted().toList();
        if (gaps.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of((int) Math.ceil(ChronoUnit.DAYS.between(today, goal) / (gaps.get(gaps.size() / 2).toHours() / 24.0)));
    }
}

package cahier.app.rest;

import cahier.app.alarm.Alarm;
import cahier.app.gate.RaisedGate;
import cahier.app.household.Facts;
import cahier.app.household.HomeKind;
import cahier.app.household.Place;
import cahier.app.judge.Decided;
import cahier.app.language.Words;
import cahier.app.track.Step;
import cahier.app.track.StepPlan;
import cahier.app.track.Track;
import cahier.app.track.TrackSteps;
import cahier.app.track.Trait;
import cahier.core.decide.Cause;
import cahier.core.decide.Refresh;
import cahier.core.decide.TrackKind;
import cahier.core.gate.RedFlag;
import cahier.core.gate.Topic;
import cahier.core.handling.Zone;
import cahier.core.rest.Handler;
import cahier.core.rest.Permit;
import cahier.core.rest.Situation;
import cahier.core.rest.Why;
import cahier.core.rest.Work;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What is allowed to one household at one moment; made by {@link Rests}, answered by {@link Permit}. */
public final class Allowed {

    private static final Pattern SAYS_ENCLOSED = Pattern.compile("enclosed|fenced", Pattern.CASE_INSENSITIVE);

    private final Facts facts;
    private final List<TrackSteps> maps;
    private final Map<Long, Alarm> alarms;
    private final Map<Long, List<RaisedGate>> flags;
    private final Map<Long, Decided> open;
    private final Map<Long, Decided> begins;
    private final Set<Long> stoppedToday;
    private final boolean hotNow;
    private final LocalDate today;
    private final Map<Long, Map<Zone, Integer>> heads;

    Allowed(Facts facts, List<TrackSteps> maps, Map<Long, Alarm> alarms, Map<Long, List<RaisedGate>> flags, Map<Long, Decided> open, Map<Long, Decided> begins, Set<Long> stoppedToday, boolean hotNow, LocalDate today, Map<Long, Map<Zone, Integer>> heads) {
        this.heads = heads;
        this.facts = facts;
        this.maps = maps;
        this.alarms = alarms;
        this.flags = flags;
        this.open = open;
        this.begins = begins;
        this.stoppedToday = stoppedToday;
        this.hotNow = hotNow;
        this.today = today;
    }

    /**
     * May a step of a track be practised.
     *
     * @param asked 0-based index of the step that is asked for
     * @param parked whether it is held back by its return date
     * @param unmetNeeds by how many steps of other tracks it is held back
     */
    public Permit step(TrackSteps map, int asked, boolean parked, int unmetNeeds, Moment moment, Handler who) {
        Track track = map.track();
        int standing = track.isDone() ? map.steps().size() : map.currentIndex().orElse(asked);
        boolean now = moment == Moment.NOW;
        return Permit.of(Situation.ofStep(track.topic(), track.kind(), asked, standing).ofDog(flagsOf(track.dogId()), alarms.containsKey(track.dogId()))
                .decided(openCause(map), track.isRested()).putOff(parked, unmetNeeds)
                .today(now && stoppedToday.contains(track.id()), now && hotNow && isOutdoors(map, Math.min(asked, standing))).by(who));
    }

    private Optional<Cause> openCause(TrackSteps map) {
        return Optional.ofNullable(open.get(map.track().id())).filter(d -> map.visit().filter(v -> v.id() == d.visitId()).isPresent()).map(Decided::cause);
    }

    /** How the next session of a track begins after a pause, as the suggestion says that is open or was accepted; none after any other. */
    public Optional<Refresh> refresh(TrackSteps map) {
        return Optional.ofNullable(begins.get(map.track().id())).filter(d -> map.visit().filter(v -> v.id() == d.visitId()).isPresent()).flatMap(d -> d.grounds().suggestion().refresh());
    }

    /** What a step itself waits for, whatever else is passed, as it goes on after "This waits for"; not put aside by a sheet on purpose. */
    public List<String> stepWaitsFor(TrackSteps map, int index) {
        if (index >= map.steps().size()) {
            return List.of();
        }
        StepPlan plan = map.steps().get(index).plan();
        List<String> waits = new ArrayList<>();
        List<Zone> notEasy = Zone.headNotEasy(heads.getOrDefault(map.track().dogId(), Map.of()));
        if (plan.teaching().has(Trait.TOUCHES_HEAD) && !notEasy.isEmpty()) {
            waits.add(Words.say("rest.Allowed.a-head-that-is-easy", notEasy.stream().map(Zone::words).collect(Collectors.joining(", "))));
        }
        if (plan.teaching().has(Trait.OFF_LEAD) && !isEnclosed(plan.place())) {
            waits.add(Words.say("rest.Allowed.an-enclosed-place-which-is", plan.place()));
        }
        return waits;
    }

    /** Indoors is; a place nobody knows is so by its name; where no place is named, at home. */
    private boolean isEnclosed(String name) {
        return facts.places().stream().filter(p -> p.name().equalsIgnoreCase(name)).findFirst().map(p -> p.enclosed() || !p.outdoors()).orElseGet(() -> name.isEmpty() || SAYS_ENCLOSED.matcher(name).find() || !HomeKind.isOutdoors(name));
    }

    private boolean isOutdoors(TrackSteps map, int step) {
        if (step >= map.steps().size()) {
            return false;
        }
        String name = map.steps().get(step).plan().place();
        return facts.places().stream().filter(p -> p.name().equalsIgnoreCase(name)).findFirst().map(Place::outdoors).orElseGet(() -> !name.isEmpty() && HomeKind.isOutdoors(name));
    }

    /** May work beside the tracks be done with a dog, by anyone who may do it at all. */
    public Permit beside(Work work, Topic topic, long dog, Handler who) {
        Set<Topic> topics = work.topics(topic);
        List<TrackSteps> same = maps.stream().filter(m -> m.track().dogId() == dog && !m.track().isDone()
                && (m.track().kind() == TrackKind.COMFORT && topics.contains(m.track().topic()) || m.current().flatMap(Step::measure).filter(measure -> work.isMeasuredBy(measure, topic)).isPresent())).toList();
        Optional<Cause> cause = same.stream().flatMap(m -> openCause(m).stream()).filter(Cause::restsTheStep).min(Comparator.naturalOrder());
        boolean stopped = same.stream().anyMatch(m -> stoppedToday.contains(m.track().id()));
        boolean outdoors = work == Work.WALK || work == Work.WATCHING;
        return Permit.of(Situation.beside(work, topic).ofDog(flagsOf(dog), alarms.containsKey(dog)).decided(cause, same.stream().anyMatch(m -> m.track().isRested()))
                .today(stopped, outdoors && hotNow).by(who));
    }

    private Set<RedFlag> flagsOf(long dog) {
        return flags.getOrDefault(dog, List.of()).stream().map(RaisedGate::flag).collect(Collectors.toCollection(() -> EnumSet.noneOf(RedFlag.class)));
    }

    /** Red flags of the dog that shut this topic. */
    public List<RedFlag> shutBy(long dog, Topic topic) {
        return flagsOf(dog).stream().filter(f -> f.shuts(topic)).toList();
    }

    /** Whether nobody under 16 practises this track. */
    public boolean isForGrownUps(Track track) {
        return Situation.ofStep(track.topic(), track.kind(), 0, 0).ofDog(flagsOf(track.dogId()), false).isForGrownUps();
    }

    /**
     * Since when it rests for this reason, as far as somebody could have known; none where nothing is marked for it.
     *
     * @param track of the step; none beside tracks
     */
    public Optional<Instant> since(Why why, long dog, Optional<TrackSteps> track) {
        return since(why, dog, track.stream().toList()).min(Comparator.naturalOrder());
    }

    private Stream<Instant> since(Why why, long dog, List<TrackSteps> track) {
        return switch (why) {
            case ALARM -> Stream.ofNullable(alarms.get(dog)).map(Alarm::happenedAt);
            case RED_FLAG -> flags.getOrDefault(dog, List.of()).stream().map(g -> g.raisedOn().plusDays(1).atStartOfDay(facts.household().zone()).toInstant());
            case RESTED -> track.stream().flatMap(m -> Stream.ofNullable(m.track().restsSince()));
            case UNDECIDED, TOO_MUCH -> track.stream().flatMap(m -> Stream.ofNullable(open.get(m.track().id()))).map(Decided::madeAt);
            case GROWN_UPS_ONLY, ADULT_MISSING -> Stream.of(Instant.EPOCH);
            case PARKED, WAITS, PUT_LOWER, STOPPED_TODAY, HEAT -> Stream.of();
        };
    }

    /** The alarm of a dog that waits longest. */
    public Optional<Alarm> alarm(long dog) {
        return Optional.ofNullable(alarms.get(dog));
    }

    public Facts facts() {
        return facts;
    }

    public LocalDate today() {
        return today;
    }
}

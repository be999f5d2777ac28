package cahier.app.roadmap;

import cahier.app.household.Households;
import cahier.app.household.LifeChange;
import cahier.app.language.Words;
import cahier.app.log.KeptRep;
import cahier.app.log.PracticeDay;
import cahier.app.log.RepLog;
import cahier.app.rest.Allowed;
import cahier.app.rest.Rests;
import cahier.app.scope.PracticeId;
import cahier.app.track.Step;
import cahier.app.track.Track;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.app.web.NotFound;
import cahier.core.decide.Upkeep;
import cahier.core.rep.Role;
import cahier.core.roadmap.Need;
import cahier.core.roadmap.Prerequisites;
import cahier.core.roadmap.Stop;
import cahier.core.roadmap.Sure;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is open, what waits for what, and what rests (docs/rules.md 33). */
@Service
@Transactional
public class Roadmaps {

    private static final int PARKED_DAYS = 14;

    private final Tracks tracks;
    private final Households households;
    private final Rests rests;
    private final RepLog log;
    private final NeedMapper needs;

    Roadmaps(Tracks tracks, Households households, Rests rests, RepLog log, NeedMapper needs) {
        this.tracks = tracks;
        this.households = households;
        this.rests = rests;
        this.log = log;
        this.needs = needs;
    }

    /** Every track of a household, in the trainer's order, done ones last. */
    public List<RoadmapTrack> of(PracticeId practice, long household, Instant now) {
        List<TrackSteps> maps = tracks.ofHousehold(practice, household);
        Allowed allowed = rests.of(practice, household, maps, now); // the page for what does not exist, where there is no such household
        Graph graph = new Graph(maps, needs.needs(practice, household));
        List<NeedMapper.ApartRow> apart = needs.apart(practice, household);
        List<LocalDate> changes = households.changes(practice, household).stream().map(LifeChange::day).toList();
        List<PracticeDay> days = log.daysSinceGoals(practice, household);
        return maps.stream().map(m -> new RoadmapTrack(m, graph.waits(m.track().id()), apart(m.track(), apart, maps), allowed, upkeep(m, days, changes, allowed))).toList();
    }

    private static Optional<RoadmapTrack.Due> upkeep(TrackSteps map, List<PracticeDay> days, List<LocalDate> changes, Allowed allowed) {
        Instant done = map.track().doneAt();
        if (done == null || map.steps().isEmpty()) {
            return Optional.empty();
        }
        LocalDate today = allowed.today();
        LocalDate reached = done.atZone(allowed.facts().household().zone()).toLocalDate();
        List<LocalDate> tried = days.stream().filter(d -> d.trackId() == map.track().id() && d.reps() > 0).map(PracticeDay::day).filter(d -> d.isAfter(reached)).toList();
        LocalDate asked = Upkeep.next(reached, tried.stream().filter(d -> d.isBefore(today)).toList(), changes);
        return Optional.of(new RoadmapTrack.Due(Upkeep.next(reached, tried, changes), tried.contains(today) && !asked.isAfter(today)));
    }

    private List<Apart> apart(Track track, List<NeedMapper.ApartRow> rows, List<TrackSteps> maps) {
        List<Apart> apart = new ArrayList<>();
        for (NeedMapper.ApartRow row : rows) {
            if (row.trackId() == track.id() || row.otherId() == track.id()) {
                long other = row.trackId() == track.id() ? row.otherId() : row.trackId();
                maps.stream().map(TrackSteps::track).filter(t -> t.id() == other).findFirst()
                        .ifPresent(t -> apart.add(new Apart(other, t.title(), !(isSure(track) && isSure(t)))));
            }
        }
        return apart;
    }

    private boolean isSure(Track track) {
        return track.isDone() || Sure.of(log.latestOfTracks(track.practiceId(), track.householdId()).getOrDefault(track.id(), List.of()).stream()
                .filter(r -> r.role() == Role.WORK).map(KeptRep::outcome).toList());
    }

    /** From {@code step} on, its track waits until {@code first} is passed; both of this household. */
    public void addNeed(PracticeId practice, long household, long step, long first) {
        Step waiting = ofHousehold(practice, household, step);
        Step before = ofHousehold(practice, household, first);
        needs.addNeed(practice, household, new NeedMapper.NeedRow(0, waiting.trackId(), step, before.trackId(), first));
        refuseCycle(practice, household);
    }

    private Step ofHousehold(PracticeId practice, long household, long step) {
        return tracks.ofHousehold(practice, household).stream().flatMap(m -> m.steps().stream()).filter(s -> s.id() == step).findFirst()
                .orElseThrow(() -> new NotFound("step " + step));
    }

    /** The trainer knows better: the need is gone. */
    public void removeNeed(PracticeId practice, long household, long need) {
        if (needs.removeNeed(practice, household, need) == 0) {
            throw new NotFound("need " + need);
        }
    }

    /** As {@link Tracks#moveStep}, unless a need would then go round. */
    public void moveStep(PracticeId practice, long step, int by, Instant now) {
        tracks.moveStep(practice, step, by, now);
        refuseCycle(practice, tracks.get(practice, tracks.step(practice, step).trackId()).track().householdId());
    }

    /** Adds a need unless it would go round; what a template says about other tracks gives way to what the trainer wrote. */
    void addIfSound(PracticeId practice, long household, NeedMapper.NeedRow need) {
        List<NeedMapper.NeedRow> all = new ArrayList<>(needs.needs(practice, household));
        all.add(need);
        if (new Graph(tracks.ofHousehold(practice, household), all).cycle().isEmpty()) {
            needs.addNeed(practice, household, need);
        }
    }

    /** Takes back, by failing, what would make a cycle; names it. */
    void refuseCycle(PracticeId practice, long household) {
        new Graph(tracks.ofHousehold(practice, household), needs.needs(practice, household)).cycle().ifPresent(round -> {
            throw new GoesRound(round);
        });
    }

    /** Keeps two tracks of a household out of the same session, or lets them share one. */
    public void keepApart(PracticeId practice, long household, long track, long other, boolean apart) {
        List<Long> known = tracks.ofHousehold(practice, household).stream().map(m -> m.track().id()).toList();
        if (track == other || !known.contains(track) || !known.contains(other)) {
            throw new NotFound("track " + other);
        }
        if (apart) {
            needs.addApart(practice, household, track, other);
        } else {
            needs.removeApart(practice, household, track, other);
        }
    }

    public List<ParkedItem> parkedItems(PracticeId practice, long household) {
        return needs.parkedItems(practice, household);
    }

    /** An object rests; two weeks unless another day is given. */
    public void parkItem(PracticeId practice, long household, String item, @Nullable LocalDate until, LocalDate today) {
        households.get(practice, household);
        needs.parkItem(practice, household, item, until == null ? usualReturn(today) : until);
    }

    public void returnItem(PracticeId practice, long household, long id) {
        if (needs.returnItem(practice, household, id) == 0) {
            throw new NotFound("item " + id);
        }
    }

    /** The day on which what is parked today comes back, unless another is given. */
    public static LocalDate usualReturn(LocalDate today) {
        return today.plusDays(PARKED_DAYS);
    }

    /** The needs of one household over its steps as they stand now; needs of removed steps are left out. */
    private static final class Graph {

        private final Map<Long, TrackSteps> maps;
        private final Map<NeedMapper.NeedRow, Need> needs = new HashMap<>();

        Graph(List<TrackSteps> maps, List<NeedMapper.NeedRow> rows) {
            this.maps = maps.stream().collect(Collectors.toMap(m -> m.track().id(), m -> m));
            for (NeedMapper.NeedRow row : rows) {
                Optional<Stop> from = stop(row.trackId(), row.stepId());
                Optional<Stop> first = stop(row.firstTrackId(), row.firstStepId());
                if (from.isPresent() && first.isPresent()) {
                    needs.put(row, new Need(from.get(), first.get()));
                }
            }
        }

        private Optional<Stop> stop(long track, long step) {
            return Optional.ofNullable(maps.get(track)).flatMap(m -> m.indexOf(step)).map(i -> new Stop(track, i));
        }

        List<Wait> waits(long track) {
            return needs.entrySet().stream().filter(e -> e.getValue().from().track() == track)
                    .map(e -> wait(e.getKey(), e.getValue())).sorted(Comparator.comparing(Wait::number).thenComparing(Wait::id)).toList();
        }

        private Wait wait(NeedMapper.NeedRow row, Need need) {
            TrackSteps here = Objects.requireNonNull(maps.get(need.from().track()));
            TrackSteps there = Objects.requireNonNull(maps.get(need.first().track()));
            boolean met = new Prerequisites(List.of(need)).unmet(need.from(), Map.of(need.first().track(), passed(there))).isEmpty();
            return new Wait(row.id(), here.track().id(), need.from().step() + 1, here.steps().get(need.from().step()).title(), there.track().id(),
                    there.track().title(), need.first().step() + 1, there.steps().get(need.first().step()).title(), met);
        }

        private static int passed(TrackSteps map) {
            return map.track().isDone() ? map.steps().size() : map.currentIndex().orElse(0);
        }

        Optional<String> cycle() {
            return new Prerequisites(List.copyOf(needs.values())).cycle()
                    .map(round -> round.stream().map(s -> Words.say("roadmap.Roadmaps.step", Objects.requireNonNull(maps.get(s.track())).track().title(), (s.step() + 1))).collect(Collectors.joining(" → ")));
        }
    }
}

package cahier.app.handling;

import cahier.app.baseline.Baseline;
import cahier.app.baseline.Baselines;
import cahier.app.baseline.Kind;
import cahier.app.household.Dog;
import cahier.app.household.Households;
import cahier.app.language.Words;
import cahier.app.measure.Entry;
import cahier.app.measure.Measuring;
import cahier.app.scope.PracticeId;
import cahier.app.track.Adjusted;
import cahier.app.web.NotFound;
import cahier.core.handling.HandlingPath;
import cahier.core.handling.Zone;
import cahier.core.measure.Mapping;
import cahier.core.measure.Measure;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps touches and how easy each zone is, and says where the hand goes next (docs/rules.md 15). */
@Service
@Transactional
public class Handling implements Measuring {

    private static final Map<String, List<Zone>> PAIRS = Map.of("ears", List.of(Zone.EAR_LEFT, Zone.EAR_RIGHT), "front paws", List.of(Zone.FRONT_PAW_LEFT, Zone.FRONT_PAW_RIGHT),
            "hind paws", List.of(Zone.HIND_PAW_LEFT, Zone.HIND_PAW_RIGHT));

    private final HandlingMapper handling;
    private final Baselines baselines;
    private final Households households;
    private final ApplicationEventPublisher events;

    Handling(HandlingMapper handling, Baselines baselines, Households households, ApplicationEventPublisher events) {
        this.events = events;
        this.handling = handling;
        this.baselines = baselines;
        this.households = households;
    }

    /** @param comfort 0 to 4 */
    public void rate(PracticeId practice, long household, long dog, Zone zone, int comfort, String by, Instant now) {
        if (comfort < 0 || comfort > HandlingPath.MOST) {
            throw new IllegalArgumentException(Words.say("handling.Handling.comfort-must-be-from-0", HandlingPath.MOST, comfort));
        }
        handling.rate(practice, household, dog(practice, household, dog).id(), zone, comfort, now, by);
        events.publishEvent(new Entry.Moved(practice, household, dog, Measure.Kind.ZONE, now));
    }

    /** Where the hand has to be in the end. */
    public void aim(PracticeId practice, long household, long dog, Zone target, Instant now) {
        handling.aim(practice, household, dog(practice, household, dog).id(), target, now);
        events.publishEvent(new Entry.Aimed(practice, household, dog, Measure.Kind.ZONE, target.name(), null, now));
    }

    /** Of the step the dog stands on where that measures by zones; else as the trainer set it, the muzzle until then. */
    @Transactional(readOnly = true)
    public Zone target(PracticeId practice, long household, long dog) {
        return handling.target(practice, household, dog(practice, household, dog).id()).orElse(Zone.MUZZLE);
    }

    /** Sent twice, it is still one. */
    public void keep(PracticeId practice, Touch touch, Instant now) {
        dog(practice, touch.householdId(), touch.dogId());
        handling.insert(practice, touch, now);
        events.publishEvent(new Entry(practice, touch.householdId(), touch.dogId(), Measure.Kind.ZONE, "", touch.id(), touch.sittingId(), m -> Mapping.of(touch.seen(), Boolean.FALSE.equals(touch.cameBack())), touch.seconds(),
                touch.zone().name(), null, null, touch.happenedAt(), now));
    }

    /** Sent twice, it is taken back once. */
    public void undo(PracticeId practice, long household, UUID id, @Nullable Long trainer, Instant now) {
        if (handling.undo(practice, household, id, now) == 0) {
            throw new NotFound("touch " + id);
        }
        events.publishEvent(new Entry.Back(practice, household, id, trainer, now));
    }

    @Override
    public void follow(PracticeId practice, long household, UUID id, @Nullable Instant at) {
        handling.follow(practice, household, id, at);
    }

    @Override
    public boolean measures(Measure.Kind kind) {
        return kind == Measure.Kind.ZONE;
    }

    @Override
    @Transactional(readOnly = true)
    public Adjusted now(PracticeId practice, long household, long dog, Measure measure, Instant at) {
        HandlingMap map = of(practice, household, dog, Zone.valueOf(measure.about()), at);
        String there = map.target().said();
        return map.next().map(next -> new Adjusted(null, Words.say("handling.Handling.now-the", next.said()), Words.say("handling.Handling.now-the", map.path().backFrom(next).said()), map.way())).orElse(new Adjusted(null, Words.say("handling.Handling.now-the", there), Words.say("handling.Handling.now-the", there), List.of(there)));
    }

    /** As it was at that moment. */
    @Transactional(readOnly = true)
    public HandlingMap of(PracticeId practice, long household, long dog, Zone target, Instant at) {
        Dog known = dog(practice, household, dog);
        Map<Zone, HandlingMapper.Rated> rated = handling.rated(practice, household, dog, at).stream().collect(Collectors.toMap(HandlingMapper.Rated::zone, r -> r));
        List<Touch> touches = handling.touches(practice, household, dog, at);
        Map<Zone, Integer> comfort = firstVisit(practice, household, dog, at);
        rated.forEach((zone, r) -> comfort.put(zone, r.comfort()));
        for (Zone zone : Zone.values()) {
            Instant since = rated.containsKey(zone) ? rated.get(zone).setAt() : Instant.EPOCH;
            if (isDone(touches.stream().filter(t -> t.zone() == zone && t.happenedAt().isAfter(since)).toList())) {
                comfort.merge(zone, HandlingPath.EASY, Math::max);
            }
        }
        return new HandlingMap(known, target, comfort, HandlingPath.to(comfort, target), touches);
    }

    private Dog dog(PracticeId practice, long household, long id) {
        return households.dogs(practice, household).stream().filter(d -> d.id() == id).findFirst().orElseThrow(() -> new NotFound("dog " + id));
    }

    /** What was found on the first visit, until something newer is known. */
    private Map<Zone, Integer> firstVisit(PracticeId practice, long household, long dog, Instant at) {
        Map<Zone, Integer> comfort = new EnumMap<>(Zone.class);
        baselines.ofHousehold(practice, household).stream().filter(b -> b.kind() == Kind.ZONES && b.dogId() == dog && !b.begunAt().isAfter(at)).findFirst().map(Baseline::findings)
                .map(f -> f.zones()).ifPresent(zones -> zones.forEach((name, c) -> {
                    for (Zone zone : PAIRS.containsKey(name) ? PAIRS.get(name) : List.of(Zone.of(name))) {
                        comfort.put(zone, c);
                    }
                }));
        return comfort;
    }

    /** The latest two sessions with this zone were calm throughout. */
    private static boolean isDone(List<Touch> newestFirst) {
        Map<UUID, List<Touch>> sessions = new LinkedHashMap<>();
        newestFirst.forEach(t -> sessions.computeIfAbsent(t.sittingId(), s -> new ArrayList<>()).add(t));
        List<List<Touch>> latest = sessions.values().stream().limit(HandlingPath.CALM_SESSIONS).toList();
        return latest.size() == HandlingPath.CALM_SESSIONS && latest.stream().allMatch(s -> s.stream().allMatch(Touch::isCalm));
    }
}

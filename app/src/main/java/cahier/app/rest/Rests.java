package cahier.app.rest;

import cahier.app.alarm.Alarm;
import cahier.app.alarm.Alarms;
import cahier.app.gate.Gates;
import cahier.app.gate.RaisedGate;
import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.judge.Decided;
import cahier.app.judge.Judgements;
import cahier.app.log.KeptRep;
import cahier.app.log.RepLog;
import cahier.app.scope.PracticeId;
import cahier.app.track.TrackSteps;
import cahier.app.track.Trait;
import cahier.core.coach.Coach;
import cahier.core.decide.Decision;
import cahier.core.decide.TrackKind;
import cahier.core.handling.Zone;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Gathers what decides whether something is practised. */
@Service
@Transactional(readOnly = true)
public class Rests {

    private final Households households;
    private final Alarms alarms;
    private final Gates gates;
    private final Judgements judgements;
    private final RepLog log;
    private final HeatMapper heat;
    private final HeadMapper heads;

    Rests(Households households, Alarms alarms, Gates gates, Judgements judgements, RepLog log, HeatMapper heat, HeadMapper heads) {
        this.heads = heads;
        this.households = households;
        this.alarms = alarms;
        this.gates = gates;
        this.judgements = judgements;
        this.log = log;
        this.heat = heat;
    }

    /**
     * What is allowed to a household at this moment.
     *
     * @param maps its tracks
     */
    public Allowed of(PracticeId practice, long household, List<TrackSteps> maps, Instant now) {
        Facts facts = households.facts(practice, household);
        Map<Long, Alarm> alarmed = alarms.open(practice, household).stream().collect(Collectors.toMap(Alarm::dogId, Function.identity(), (newer, older) -> older));
        Map<Long, List<RaisedGate>> flags = gates.ofHousehold(practice, household).stream().filter(RaisedGate::isShut).collect(Collectors.groupingBy(RaisedGate::dogId));
        Map<Long, Decided> open = judgements.openOf(practice, household).stream().filter(d -> d.grounds().suggestion().staysOpen())
                .collect(Collectors.toMap(Decided::trackId, Function.identity()));
        Set<Long> anyOpen = judgements.openOf(practice, household).stream().map(Decided::trackId).collect(Collectors.toSet());
        Map<Long, Decided> begins = Stream.concat(judgements.openOf(practice, household).stream(), judgements.lastAnsweredOf(practice, household).stream().filter(d -> d.answer() == Decision.REFRESH && !anyOpen.contains(d.trackId())))
                .filter(d -> d.grounds().suggestion().refresh().isPresent()).collect(Collectors.toMap(Decided::trackId, Function.identity(), (a, b) -> a));
        return new Allowed(facts, maps, alarmed, flags, open, begins, stopped(practice, facts, maps, now), isHot(practice, facts, now), now.atZone(facts.household().zone()).toLocalDate(), heads(practice, household, maps));
    }

    /** How easy the zones of each dog are; asked only where a step touches a head. */
    private Map<Long, Map<Zone, Integer>> heads(PracticeId practice, long household, List<TrackSteps> maps) {
        boolean asked = maps.stream().flatMap(m -> m.steps().stream()).anyMatch(s -> s.plan().teaching().has(Trait.TOUCHES_HEAD));
        return !asked ? Map.of() : heads.of(practice, household).stream().collect(Collectors.groupingBy(HeadMapper.Rated::dogId, Collectors.toMap(HeadMapper.Rated::zone, HeadMapper.Rated::comfort)));
    }

    /** Tracks of which a sitting of today was too much, so that the coach said stop (docs/rules.md 5). */
    private Set<Long> stopped(PracticeId practice, Facts facts, List<TrackSteps> maps, Instant now) {
        Instant midnight = now.atZone(facts.household().zone()).toLocalDate().atStartOfDay(facts.household().zone()).toInstant();
        record Part(UUID sitting, long track) {
        }
        Set<Long> measured = maps.stream().filter(m -> m.current().filter(s -> s.measure().isPresent()).isPresent()).map(m -> m.track().id()).collect(Collectors.toSet()); // what adjusts itself has given way at the first (39)
        Map<Part, List<KeptRep>> parts = log.ofHousehold(practice, facts.household().id(), midnight).stream().collect(Collectors.groupingBy(r -> new Part(r.sittingId(), r.trackId())));
        return maps.stream().map(TrackSteps::track).filter(t -> parts.entrySet().stream().filter(e -> e.getKey().track() == t.id())
                .anyMatch(e -> Coach.stops(measured.contains(t.id()) ? TrackKind.SKILL : t.kind(), e.getValue().stream().map(KeptRep::outcome).toList()))).map(t -> t.id()).collect(Collectors.toSet());
    }

    /** By the hours that the week's plan asked of the weather; a household without a plan asks nobody. */
    private boolean isHot(PracticeId practice, Facts facts, Instant now) {
        LocalDateTime here = LocalDateTime.ofInstant(now, facts.household().zone());
        return heat.of(practice, facts.household().id()).filter(h -> !h.hot().isEmpty()).filter(h -> {
            long minute = ChronoUnit.MINUTES.between(h.firstDay().atStartOfDay(), here);
            return Arrays.stream(h.hot().split(" ")).map(s -> s.split("-")).anyMatch(s -> minute >= Long.parseLong(s[0]) && minute < Long.parseLong(s[1]));
        }).isPresent();
    }
}

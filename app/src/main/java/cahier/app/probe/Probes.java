package cahier.app.probe;

import cahier.app.log.KeptRep;
import cahier.app.log.RepLog;
import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;
import cahier.app.track.Stay;
import cahier.app.track.TrackSteps;
import cahier.app.track.Tracks;
import cahier.core.probe.Probe;
import cahier.core.rep.Evidence;
import cahier.core.rep.Gap;
import cahier.core.rep.Outcome;
import cahier.core.rep.Role;
import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The tests of a stalled step: one runs at a time, each once a visit. */
@Service
@Transactional
public class Probes {

    private final ProbeMapper probes;
    private final Tracks tracks;
    private final RepLog log;

    Probes(ProbeMapper probes, Tracks tracks, RepLog log) {
        this.probes = probes;
        this.tracks = tracks;
        this.log = log;
    }

    /** Asks the household for a test at the current step; nothing while another runs or where this one was asked for. */
    public void ask(TrainerUser trainer, long track, Probe kind, Instant now) {
        TrackSteps map = tracks.locked(trainer.practice(), track);
        boolean runs = trials(map).stream().anyMatch(Trial::isRunning);
        map.visit().filter(v -> !runs).ifPresent(v -> probes.insert(trainer.practice(), map.track().householdId(), track, v.id(), kind, now, trainer.signature()));
    }

    /** The tests of the current visit, the first one first. */
    public List<Trial> trials(TrackSteps map) {
        return map.visit().map(v -> trials(map.track().practiceId(), map.track().id(), v)).orElse(List.of());
    }

    private List<Trial> trials(PracticeId practice, long track, Stay visit) {
        List<ProbeMapper.Row> rows = probes.ofVisit(practice, visit.id());
        if (rows.isEmpty()) {
            return List.of();
        }
        List<KeptRep> reps = log.ofTrack(practice, track, visit.enteredAt()).stream().filter(r -> Objects.equals(r.visitId(), visit.id())).toList();
        return rows.stream().map(row -> {
            List<KeptRep> before = reps.stream().filter(r -> r.role() == Role.WORK && r.happenedAt().isBefore(row.askedAt())).toList();
            List<KeptRep> under = reps.stream().filter(r -> r.role() == Role.PROBE && !r.happenedAt().isBefore(row.askedAt())).limit(Probe.REPS).toList();
            return new Trial(row.kind(), share(before.subList(Math.max(0, before.size() - Evidence.ODDS_REPS), before.size())), share(under));
        }).toList();
    }

    private static Gap.Share share(List<KeptRep> reps) {
        return new Gap.Share("", (int) reps.stream().filter(r -> r.outcome() == Outcome.CLEAN).count(), reps.size());
    }

    /** The test that runs at the current step. */
    public Optional<Trial> running(TrackSteps map) {
        return trials(map).stream().filter(Trial::isRunning).findFirst();
    }

    /**
     * The one to propose next; none while one runs.
     *
     * @param places how many the household has: with one there is no easier one
     */
    public Optional<Probe> next(TrackSteps map, int places) {
        List<Trial> trials = trials(map);
        Set<Probe> possible = EnumSet.allOf(Probe.class);
        if (places < 2) {
            possible.remove(Probe.PLACE);
        }
        return trials.stream().anyMatch(Trial::isRunning) ? Optional.empty() : Probe.next(trials.stream().map(Trial::kind).collect(Collectors.toSet()), possible);
    }
}

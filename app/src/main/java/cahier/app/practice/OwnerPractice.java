package cahier.app.practice;

import cahier.app.alarm.Alarm;
import cahier.app.alarm.Alarms;
import cahier.app.household.Facts;
import cahier.app.household.Household;
import cahier.app.household.Households;
import cahier.app.judge.Judgements;
import cahier.app.log.Detail;
import cahier.app.log.Ending;
import cahier.app.log.KeptRep;
import cahier.app.log.NewRep;
import cahier.app.log.RepLog;
import cahier.app.roadmap.Roadmaps;
import cahier.app.roadmap.Way;
import cahier.app.sheet.Homework;
import cahier.app.sheet.Homeworks;
import cahier.app.sheet.OwnerLinks.Owner;
import cahier.app.sheet.SheetItem;
import cahier.app.track.Tracks;
import cahier.app.web.Dates;
import cahier.app.web.NotFound;
import cahier.core.rep.Outcome;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What an owner sees and sends, for the one household of the link. */
@Service
@Transactional
class OwnerPractice {

    private final Households households;
    private final Homeworks homeworks;
    private final RepLog log;
    private final Judgements judgements;
    private final Roadmaps roadmaps;
    private final Tracks tracks;
    private final Alarms alarms;

    OwnerPractice(Households households, Homeworks homeworks, RepLog log, Judgements judgements, Roadmaps roadmaps,
                  Tracks tracks, Alarms alarms) {
        this.households = households;
        this.homeworks = homeworks;
        this.log = log;
        this.judgements = judgements;
        this.roadmaps = roadmaps;
        this.tracks = tracks;
        this.alarms = alarms;
    }

    /** The household, its sheet, and what was done today. */
    Today today(Owner owner, Instant now) {
        Facts facts = households.facts(owner.practice(), owner.householdId());
        LocalDate day = now.atZone(facts.household().zone()).toLocalDate();
        Optional<Homework> sheet = homeworks.latest(owner.practice(), owner.householdId());
        List<Homeworks.Assignment> assignments = sheet.map(s -> homeworks.assignments(owner.practice(), s)).orElse(List.of());
        List<KeptRep> reps = log.ofHousehold(owner.practice(), owner.householdId(), day.atStartOfDay(facts.household().zone()).toInstant());
        return Today.of(facts, day, sheet, assignments, reps, later(owner, sheet, now), alarms.open(owner.practice(), owner.householdId()));
    }

    private List<Today.Later> later(Owner owner, Optional<Homework> sheet, Instant now) {
        Set<Long> practised = sheet.map(s -> s.items().stream().map(SheetItem::trackId).collect(Collectors.toSet())).orElse(Set.of());
        return roadmaps.of(owner.practice(), owner.householdId(), now).stream().filter(w -> !practised.contains(w.track().id())).flatMap(OwnerPractice::later).toList();
    }

    private static Stream<Today.Later> later(Way way) {
        return switch (way.state()) {
            case WAITS -> way.unmet().stream().limit(1).map(w -> new Today.Later(way.track().title(), "waits for " + w.forWhat() + "."));
            case PARKED -> Stream.ofNullable(way.track().parkedUntil()).map(day -> new Today.Later(way.track().title(), "rests until " + Dates.longDate(day) + "."));
            default -> Stream.of();
        };
    }

    /** One step of today, or the page for what does not exist. */
    Today.Task task(Owner owner, long step, Instant now) {
        return today(owner, now).tasks().stream().filter(t -> t.isPractised() && t.stepId() == step).findFirst()
                .orElseThrow(() -> new NotFound("step " + step));
    }

    Facts facts(Owner owner) {
        return households.facts(owner.practice(), owner.householdId());
    }

    RepLog.Stored store(Owner owner, @Nullable JsonNode body, Instant now) {
        Facts facts = facts(owner);
        List<NewRep> reps = new RepBatch(homeworks.issuedSteps(owner.practice(), owner.householdId()), facts).read(body);
        Instant sentAt = body != null && body.hasNonNull("sentAt") ? RepBatch.instant("sentAt", body.get("sentAt")) : null;
        RepLog.Stored stored = log.store(facts.household(), reps, sentAt, now);
        judgements.repsCame(owner.practice(), stored.lastRep());
        return stored;
    }

    /** Keeps a session from paper, ended; its track is judged at once. */
    void storePaper(Owner owner, UUID sitting, List<NewRep> reps, Instant end, Instant now) {
        Household household = households.get(owner.practice(), owner.householdId());
        log.store(household, reps, null, now);
        log.end(household, sitting, end, Ending.of(null, "")).forEach(track -> judgements.judge(owner.practice(), track, now));
    }

    /** Takes a rep back. After a minute a TOO_MUCH is the trainer's to void. */
    void undo(Owner owner, UUID id, Instant at, Instant now) {
        Household household = households.get(owner.practice(), owner.householdId());
        KeptRep rep = log.find(household, id).orElseThrow(() -> new NotFound("rep " + id));
        Instant tapped = at.isAfter(now) ? now : at;
        if (rep.outcome() == Outcome.TOO_MUCH && tapped.isAfter(rep.happenedAt().plus(RepLog.UNDO_WITHIN))) {
            throw new BadBatch("a rep that was too much can be taken back within "
                    + RepLog.UNDO_WITHIN.toSeconds() + " s; after that ask your trainer");
        }
        log.voidRep(household, rep, now, null);
        judgements.repsCame(owner.practice(), Map.of(rep.trackId(), now));
    }

    /** Stops everything with this dog until the trainer has answered; its tracks are judged at once. */
    void raise(Owner owner, Alarm alarm, Instant now) {
        if (alarms.raise(owner.practice(), alarm, now)) {
            tracks.ofHousehold(owner.practice(), owner.householdId()).stream().filter(m -> m.track().dogId() == alarm.dogId() && m.visit().isPresent())
                    .forEach(m -> judgements.judge(owner.practice(), m.track().id(), now));
        }
    }

    /** Adds to a rep what kind of miss it was, or what was seen. */
    void describe(Owner owner, UUID id, Detail detail) {
        Household household = households.get(owner.practice(), owner.householdId());
        log.describe(household, log.find(household, id).orElseThrow(() -> new NotFound("rep " + id)), detail);
    }

    /** Ends a sitting; its tracks are judged at once. */
    void finish(Owner owner, UUID sitting, Instant at, Ending ending, Instant now) {
        Household household = households.get(owner.practice(), owner.householdId());
        List<Long> tracks = log.end(household, sitting, at.isAfter(now) ? now : at, ending);
        tracks.stream().sorted().forEach(track -> judgements.judge(owner.practice(), track, now));
    }
}

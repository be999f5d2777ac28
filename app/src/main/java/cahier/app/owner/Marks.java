package cahier.app.owner;

import cahier.app.household.Dog;
import cahier.app.household.Facts;
import cahier.app.household.Households;
import cahier.app.household.Person;
import cahier.app.log.NewRep;
import cahier.app.rest.Allowed;
import cahier.app.rest.Moment;
import cahier.app.rest.RestWords;
import cahier.app.rest.Rests;
import cahier.app.rest.Tap;
import cahier.app.rest.Taps;
import cahier.app.roadmap.RoadmapTrack;
import cahier.app.roadmap.Roadmaps;
import cahier.app.scope.AskedTogether;
import cahier.app.sheet.Homework;
import cahier.app.sheet.Homeworks;
import cahier.app.sheet.OwnerLinks.Owner;
import cahier.app.sheet.SheetItem;
import cahier.app.track.Step;
import cahier.app.track.Tracks;
import cahier.core.exposure.Trigger;
import cahier.core.gate.RedFlag;
import cahier.core.gate.Topic;
import cahier.core.rest.Handler;
import cahier.core.rest.Permit;
import cahier.core.rest.Permit.Verdict;
import cahier.core.rest.Why;
import cahier.core.rest.Work;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Asks of everything a phone sends whether it was allowed when it was tapped; what was not is kept all the same, and marked. */
@Component
class Marks {

    private final Rests rests;
    private final Roadmaps roadmaps;
    private final Homeworks homeworks;
    private final Tracks tracks;
    private final Taps taps;
    private final Households households;
    private final AskedTogether together;

    Marks(Rests rests, Roadmaps roadmaps, Homeworks homeworks, Tracks tracks, Taps taps, Households households, AskedTogether together) {
        this.households = households;
        this.together = together;
        this.rests = rests;
        this.roadmaps = roadmaps;
        this.homeworks = homeworks;
        this.tracks = tracks;
        this.taps = taps;
    }

    private static Handler handler(Facts facts, @Nullable Long person, @Nullable Long adult) {
        return facts.person(person).map(Person::age).map(age -> Handler.of(age, adult != null)).orElse(person == null ? Handler.ANYONE : Handler.GROWN_UP);
    }

    /** Marks reps that were tapped while their step rested, or by somebody who should not have. Returns why, of one of them; empty when all was well. */
    String reps(Owner owner, Facts facts, List<NewRep> reps, Instant now) {
        boolean byGrownUps = reps.stream().noneMatch(r -> r.personId() != null && facts.person(r.personId()).map(Person::age).filter(Handler::needsAdult).isPresent());
        if (byGrownUps && !taps.mayBeMarked(owner.practice(), owner.householdId())) {
            return "";
        }
        Asked asked = together.look(() -> asked(owner, now));
        Map<Long, RoadmapTrack> ways = asked.ways().stream().collect(Collectors.toMap(w -> w.track().id(), Function.identity()));
        Map<Long, RoadmapTrack.Despite> despite = asked.despite();
        String said = "";
        for (NewRep rep : reps) {
            RoadmapTrack way = ways.get(rep.trackId());
            if (way == null) {
                continue; // taken off since: what was done before the phone knew is kept
            }
            Permit permit = way.permit(way.roadmap().indexOf(rep.stepId()).orElse(0), despite.getOrDefault(rep.trackId(), RoadmapTrack.Despite.NOTHING), Moment.DAYS,
                    handler(facts, rep.personId(), rep.tags().adultId()));
            if (permit.verdict() != Verdict.GO && mark(owner, Work.STEP, rep.id(), way.track().dogId(), Optional.of(way), rep.personId(), rep.at(), permit, way.allowed())) {
                said = way.why(permit);
            }
        }
        return said;
    }

    /** What is asked of the household, by its roadmap and by the sheet that is out. */
    private record Asked(List<RoadmapTrack> ways, Optional<Homework> sheet) {

        Map<Long, RoadmapTrack.Despite> despite() {
            return sheet.map(Homework::items).orElse(List.of()).stream().collect(Collectors.toMap(SheetItem::trackId, SheetItem::despite, (a, b) -> a));
        }

        /** The track that measures by this work and is put off, where every one that does is: parked, or waiting for another, and not on the sheet on purpose. */
        Optional<PutOff> putOff(Work work, Topic topic, long dog) {
            List<PutOff> measuring = ways.stream().filter(w -> w.track().dogId() == dog && w.roadmap().current().flatMap(Step::measure).filter(m -> work.isMeasuredBy(m, topic)).isPresent())
                    .map(w -> new PutOff(w, w.permit(w.roadmap().currentIndex().orElseThrow(), despite().getOrDefault(w.track().id(), RoadmapTrack.Despite.NOTHING), Moment.DAYS, Handler.ANYONE))).toList();
            return measuring.stream().allMatch(PutOff::holds) ? measuring.stream().findFirst() : Optional.empty();
        }
    }

    /** A track with the answer of whether its step is practised. */
    private record PutOff(RoadmapTrack way, Permit permit) {

        boolean holds() {
            return !permit.isPractised() && (permit.why().contains(Why.PARKED) || permit.why().contains(Why.WAITS));
        }
    }

    private Asked asked(Owner owner, Instant now) {
        households.facts(owner.practice(), owner.householdId()); // the others need the answer to know what to ask
        together.ask(() -> roadmaps.of(owner.practice(), owner.householdId(), now), () -> homeworks.latest(owner.practice(), owner.householdId()));
        return new Asked(roadmaps.of(owner.practice(), owner.householdId(), now), homeworks.latest(owner.practice(), owner.householdId()));
    }

    /** Keeps what is logged beside the tracks and marks it, both or neither; with the topic of what was met. */
    @Transactional
    public void keep(Owner owner, Work work, Topic topic, Tapped tapped, Instant now, Runnable keep) {
        keep.run();
        Long person = tapped.person();
        long dog = tapped.dog();
        Allowed allowed = allowed(owner, now);
        Permit permit = allowed.beside(work, topic, dog, handler(allowed.facts(), person, person));
        if (!permit.isPractised()) {
            mark(owner, work, tapped.id(), dog, Optional.empty(), person, tapped.at(), permit, allowed);
        }
    }

    /** Something beside the tracks, tapped on a phone. */
    record Tapped(UUID id, long dog, @Nullable Long person, Instant at) {
    }

    private boolean mark(Owner owner, Work work, UUID id, long dog, Optional<RoadmapTrack> way, @Nullable Long person, Instant at, Permit permit, Allowed allowed) {
        Optional<Why> since = permit.why().stream().filter(w -> allowed.since(w, dog, way.map(RoadmapTrack::roadmap)).filter(from -> !at.isBefore(from)).isPresent()).findFirst();
        since.ifPresent(why -> taps.mark(owner.practice(), owner.householdId(), new Tap(work, id, dog, way.map(w -> w.track().id()).orElse(null), person, at, why)));
        return since.isPresent();
    }

    private Allowed allowed(Owner owner, Instant now) {
        return together.look(() -> {
            households.facts(owner.practice(), owner.householdId());
            together.ask(() -> allowedNow(owner, now));
            return allowedNow(owner, now);
        });
    }

    private Allowed allowedNow(Owner owner, Instant now) {
        return rests.of(owner.practice(), owner.householdId(), tracks.ofHousehold(owner.practice(), owner.householdId()), now);
    }

    /** With which dogs work beside the tracks is done now; where it has several topics, one that is open is enough. */
    Beside beside(Owner owner, Work work, Set<Topic> topics, Instant now) {
        Allowed allowed = allowed(owner, now);
        Asked asked = together.look(() -> asked(owner, now));
        List<Dog> dogs = new ArrayList<>();
        List<String> why = new ArrayList<>();
        for (Dog dog : allowed.facts().dogs()) {
            Optional<String> rests = rests(allowed, asked, work, topics, dog);
            rests.ifPresentOrElse(r -> why.add((allowed.facts().dogs().size() > 1 ? dog.name() + ": " : "") + r), () -> dogs.add(dog));
        }
        return new Beside(dogs, why);
    }

    /** Why this is not done with a dog now; empty when it is, with one topic at least. */
    private static Optional<String> rests(Allowed allowed, Asked asked, Work work, Set<Topic> topics, Dog dog) {
        List<Topic> open = topics.stream().filter(t -> allowed.beside(work, t, dog.id(), Handler.ANYONE).isPractised()).toList();
        if (open.isEmpty()) {
            List<RedFlag> flags = topics.stream().flatMap(t -> work.topics(t).stream()).flatMap(t -> allowed.shutBy(dog.id(), t).stream()).distinct().toList();
            Permit permit = allowed.beside(work, topics.iterator().next(), dog.id(), Handler.ANYONE);
            return Optional.of(RestWords.of(permit, new RestWords.Names(dog.name(), flags, null, "")));
        }
        List<Optional<PutOff>> putOff = open.stream().map(t -> asked.putOff(work, t, dog.id())).toList();
        return putOff.stream().allMatch(Optional::isPresent) ? putOff.get(0).map(p -> p.way().why(p.permit())) : Optional.empty();
    }

    /** What may be met with every one of these dogs. */
    List<Trigger> triggers(Owner owner, Beside beside, Instant now) {
        Allowed allowed = allowed(owner, now);
        Asked asked = together.look(() -> asked(owner, now));
        return Stream.of(Trigger.values()).filter(t -> beside.dogs().stream().allMatch(d -> allowed.beside(Work.EXPOSURE, t.topic(), d.id(), Handler.ANYONE).isPractised()
                && asked.putOff(Work.EXPOSURE, t.topic(), d.id()).isEmpty())).toList();
    }
}

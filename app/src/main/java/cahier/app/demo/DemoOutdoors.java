package cahier.app.demo;

import static cahier.app.demo.DemoDays.at;
import static cahier.app.demo.DemoDays.dog;
import static cahier.app.demo.DemoDays.each;

import cahier.app.bench.Setups;
import cahier.app.exposure.Exposures;
import cahier.app.exposure.Far;
import cahier.app.exposure.Met;
import cahier.app.exposure.Threat;
import cahier.app.exposure.WorkAt;
import cahier.app.household.Facts;
import cahier.app.household.Place;
import cahier.app.outing.Outing;
import cahier.app.outing.Outings;
import cahier.app.outing.WatchTap;
import cahier.app.outing.Watching;
import cahier.app.passing.Passing;
import cahier.app.passing.PlaceCount;
import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;
import cahier.core.exposure.Response;
import cahier.core.exposure.Trigger;
import cahier.core.rep.Sessions;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What a household of the demo met, watched and walked. */
@Component
class DemoOutdoors {

    private static final int SECONDS_A_LOOK = 40;
    private static final LocalTime KEPT_AT = LocalTime.of(17, 40);
    private static final Map<Character, Response> RESPONSES = Map.of('u', Response.UNPROMPTED, 'p', Response.PROMPTED, 's', Response.STARED, 'r', Response.REACTED);
    private static final Map<Character, WatchTap.What> SEEN = Map.of('c', WatchTap.What.CALM, 'r', WatchTap.What.REACTED, 'a', WatchTap.What.ATE, 'n', WatchTap.What.REFUSED);
    private static final Map<Character, Trigger> KINDS = Map.of('d', Trigger.DOG, 'p', Trigger.PERSON, 'o', Trigger.OTHER);
    private static final int COUNTED_MIN = 10;

    private final Exposures exposures;
    private final Outings outings;
    private final Setups setups;
    private final Passing passing;

    DemoOutdoors(Exposures exposures, Outings outings, Setups setups, Passing passing) {
        this.passing = passing;
        this.exposures = exposures;
        this.outings = outings;
        this.setups = setups;
    }

    /** What happened, in no order; landmarks and plans at once. */
    List<DemoEvent> load(TrainerUser trainer, Facts facts, DemoFile.Outdoors outdoors, LocalDate today) {
        PracticeId practice = trainer.practice();
        long household = facts.household().id();
        List<DemoEvent> events = new ArrayList<>();
        outdoors.met().forEach(o -> meet(trainer, facts, o, today, events));
        each(outdoors.landmarks()).forEach(m -> exposures.put(practice, household, m.name(), m.metres()));
        each(outdoors.watched()).forEach(w -> watch(practice, facts, w, today, events));
        each(outdoors.counted()).forEach(c -> {
            Instant at = at(facts, today, c.day(), c.at());
            events.add(new DemoEvent(at, () -> passing.keep(practice, new PlaceCount(id(household, "count", at), household, place(facts, c.place()), at, COUNTED_MIN, c.dogs(), c.people(), c.others()), at)));
        });
        each(outdoors.walked()).forEach(w -> {
            Instant at = at(facts, today, w.day(), w.at());
            events.add(new DemoEvent(at, at.plus(Sessions.CLOSES_AFTER), () -> outings.keep(practice, walk(id(household, "walk", at), facts, w, at), at)));
        });
        each(outdoors.setups()).forEach(s -> setups.keep(practice, household, s.place(), s.kind(), s.address(), trainer.signature(), at(facts, today, s.day(), KEPT_AT)));
        return events;
    }

    private static Outing walk(UUID id, Facts facts, DemoFile.Walked w, Instant at) {
        long household = facts.household().id();
        return w.places() == null ? Outing.byPaces(id, household, dog(facts, w.dog()), w.paces(), w.calm(), w.round(), at) : Outing.placeByPlace(id, household, dog(facts, w.dog()), w.places(), w.calm(), at);
    }

    private static @Nullable Long place(Facts facts, String name) {
        return facts.places().stream().filter(p -> p.name().equals(name)).map(Place::id).findFirst().orElse(null);
    }

    private static UUID id(long household, String what, Instant at) {
        return UUID.nameUUIDFromBytes((household + " " + what + " " + at).getBytes(StandardCharsets.UTF_8));
    }

    private void meet(TrainerUser trainer, Facts facts, DemoFile.Outing outing, LocalDate today, List<DemoEvent> events) {
        PracticeId practice = trainer.practice();
        long household = facts.household().id();
        long dog = dog(facts, outing.dog());
        Instant at = at(facts, today, outing.day(), outing.at());
        Double set = outing.set();
        if (set != null) {
            Instant then = at;
            events.add(new DemoEvent(at, () -> exposures.set(practice, household, dog, new Threat(outing.kind(), outing.loudness()),
                    WorkAt.of(set).toward(outing.goal() == null ? OptionalDouble.empty() : OptionalDouble.of(outing.goal())), trainer.signature(), then)));
        }
        for (String one : outing.what().split(" ")) {
            at = at.plusSeconds(SECONDS_A_LOOK);
            double metres = Double.parseDouble(one.substring(0, one.length() - 1));
            Instant then = at;
            Met met = new Met(id(household, "met", at), household, dog, outing.kind(), metres, Far.M.given(metres), Objects.requireNonNull(RESPONSES.get(one.charAt(one.length() - 1))), "", null, null, at,
                    outing.loudness(), "");
            events.add(new DemoEvent(at, () -> exposures.keep(practice, met, null, then)));
        }
        events.add(new DemoEvent(at, at.plus(Sessions.CLOSES_AFTER), () -> { }));
    }

    private void watch(PracticeId practice, Facts facts, DemoFile.Watched watched, LocalDate today, List<DemoEvent> events) {
        long household = facts.household().id();
        Instant began = at(facts, today, watched.day(), watched.at());
        Long place = place(facts, watched.place());
        Watching sitting = new Watching(id(household, "watch", began), household, dog(facts, watched.dog()), place, began, watched.carried(), watched.metres());
        int n = 0;
        for (String one : watched.what().split(" ")) {
            String minute = one.replaceAll("[a-z]+$", "");
            Instant at = began.plusSeconds(60L * Integer.parseInt(minute) + n++ % 60);
            String letters = one.substring(minute.length());
            WatchTap tap = new WatchTap(id(household, "tap " + n, at), sitting.id(), Objects.requireNonNull(SEEN.get(letters.charAt(0))), letters.length() > 1 ? KINDS.get(letters.charAt(1)) : null, at);
            events.add(new DemoEvent(at, at.plus(Sessions.CLOSES_AFTER), () -> outings.keep(practice, sitting, tap, at)));
        }
    }
}

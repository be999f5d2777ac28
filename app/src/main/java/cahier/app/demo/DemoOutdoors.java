package cahier.app.demo;

import static cahier.app.demo.DemoDays.at;
import static cahier.app.demo.DemoDays.dog;
import static cahier.app.demo.DemoDays.each;

import cahier.app.bench.Setups;
import cahier.app.exposure.Exposures;
import cahier.app.exposure.Far;
import cahier.app.exposure.Met;
import cahier.app.exposure.Threat;
import cahier.app.household.Facts;
import cahier.app.household.Place;
import cahier.app.outing.Outing;
import cahier.app.outing.Outings;
import cahier.app.outing.WatchTap;
import cahier.app.outing.Watching;
import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;
import cahier.core.exposure.Response;
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
import org.springframework.stereotype.Component;

/** What a household of the demo met, watched and walked. */
@Component
class DemoOutdoors {

    private static final int SECONDS_A_LOOK = 40;
    private static final LocalTime KEPT_AT = LocalTime.of(17, 40);
    private static final Map<Character, Response> RESPONSES = Map.of('u', Response.UNPROMPTED, 'p', Response.PROMPTED, 's', Response.STARED, 'r', Response.REACTED);
    private static final Map<Character, WatchTap.What> SEEN = Map.of('c', WatchTap.What.CALM, 'r', WatchTap.What.REACTED, 'a', WatchTap.What.ATE, 'n', WatchTap.What.REFUSED);

    private final Exposures exposures;
    private final Outings outings;
    private final Setups setups;

    DemoOutdoors(Exposures exposures, Outings outings, Setups setups) {
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
        each(outdoors.walked()).forEach(w -> {
            Instant at = at(facts, today, w.day(), w.at());
            events.add(new DemoEvent(at, at.plus(Sessions.CLOSES_AFTER), () -> outings.keep(practice, Outing.byPaces(id(household, "walk", at), household, dog(facts, w.dog()), w.paces(), w.calm(), w.round(), at), at)));
        });
        each(outdoors.setups()).forEach(s -> setups.keep(practice, household, s.place(), s.kind(), s.address(), trainer.signature(), at(facts, today, s.day(), KEPT_AT)));
        return events;
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
            events.add(new DemoEvent(at, () -> exposures.set(practice, household, dog, new Threat(outing.kind(), outing.loudness()), set, OptionalDouble.empty(),
                    outing.goal() == null ? OptionalDouble.empty() : OptionalDouble.of(outing.goal()), trainer.signature(), then)));
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
        Long place = facts.places().stream().filter(p -> p.name().equals(watched.place())).map(Place::id).findFirst().orElse(null);
        Watching sitting = new Watching(id(household, "watch", began), household, dog(facts, watched.dog()), place, began, watched.carried());
        int n = 0;
        for (String one : watched.what().split(" ")) {
            Instant at = began.plusSeconds(60L * Integer.parseInt(one.substring(0, one.length() - 1)) + n++ % 60);
            WatchTap tap = new WatchTap(id(household, "tap " + n, at), sitting.id(), Objects.requireNonNull(SEEN.get(one.charAt(one.length() - 1))), at);
            events.add(new DemoEvent(at, at.plus(Sessions.CLOSES_AFTER), () -> outings.keep(practice, sitting, tap, at)));
        }
    }
}

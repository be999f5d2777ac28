package cahier.app.demo;

import static cahier.app.demo.DemoDays.at;
import static cahier.app.demo.DemoDays.dog;
import static cahier.app.demo.DemoDays.each;

import cahier.app.alone.Departure;
import cahier.app.alone.Departures;
import cahier.app.alone.HoursAway;
import cahier.app.baseline.Baselines;
import cahier.app.handling.Handling;
import cahier.app.handling.Touch;
import cahier.app.household.Facts;
import cahier.app.log.EarlySigns;
import cahier.app.scope.PracticeId;
import cahier.app.scope.TrainerUser;
import cahier.core.handling.HandSeen;
import cahier.core.handling.Zone;
import cahier.core.rep.Sessions;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What a worried dog of the demo did when it was watched, left and touched. */
@Component
class DemoWorried {

    private static final int WATCHED_S = 900;
    private static final Map<Character, HandSeen> SEEN = Map.of('c', HandSeen.CALM, 's', HandSeen.STIFF, 'f', HandSeen.FLINCH, 'l', HandSeen.LEFT);
    private static final LocalTime RATED_AT = LocalTime.of(16, 40);

    private final Baselines baselines;
    private final Departures departures;
    private final Handling handling;
    private final EarlySigns signs;

    DemoWorried(Baselines baselines, Departures departures, Handling handling, EarlySigns signs) {
        this.signs = signs;
        this.baselines = baselines;
        this.departures = departures;
        this.handling = handling;
    }

    /** What happened, in no order; the hours away at once. */
    List<DemoEvent> load(TrainerUser trainer, Facts facts, DemoFile.Worried worried, LocalDate today) {
        PracticeId practice = trainer.practice();
        long household = facts.household().id();
        each(worried.watches()).forEach(w -> baselines.keepWatch(trainer, household, dog(facts, w.dog()), w.about(), w.spells(), WATCHED_S, at(facts, today, w.day(), w.at())));
        List<DemoEvent> events = new ArrayList<>();
        each(worried.departures()).forEach(l -> leave(practice, facts, l, at(facts, today, l.day(), l.at()), events));
        each(worried.touched()).forEach(t -> touch(practice, facts, t, at(facts, today, t.day(), t.at()), events));
        each(worried.hours()).forEach(h -> departures.put(practice, household, new HoursAway(0, h.weekday(), h.from().toSecondOfDay() / 60, h.to().toSecondOfDay() / 60, h.cover())));
        each(worried.signs()).forEach(s -> {
            Instant at = at(facts, today, s.day(), s.at());
            events.add(new DemoEvent(at, () -> signs.keep(practice, household, UUID.nameUUIDFromBytes((household + " sign " + at).getBytes(StandardCharsets.UTF_8)), dog(facts, s.dog()), s.sign(), at, at)));
        });
        each(worried.comfort()).forEach(c -> {
            Instant at = at(facts, today, c.day(), RATED_AT);
            events.add(new DemoEvent(at, () -> c.zones().forEach((zone, value) -> handling.rate(practice, household, dog(facts, c.dog()), Zone.of(zone), value, trainer.signature(), at))));
        });
        return events;
    }

    private void touch(PracticeId practice, Facts facts, DemoFile.Touched touched, Instant began, List<DemoEvent> events) {
        UUID sitting = UUID.nameUUIDFromBytes((facts.household().id() + " touched " + began).getBytes(StandardCharsets.UTF_8));
        Instant at = began;
        for (char one : touched.what().toCharArray()) {
            Instant then = at;
            Touch touch = new Touch(UUID.nameUUIDFromBytes((sitting + " " + at).getBytes(StandardCharsets.UTF_8)), facts.household().id(), dog(facts, touched.dog()), sitting, Zone.of(touched.zone()), 2,
                    Objects.requireNonNull(SEEN.get(one)), one == 'c', at, "");
            events.add(new DemoEvent(at, at, () -> handling.keep(practice, touch, then)));
            at = at.plusSeconds(20);
        }
        events.add(new DemoEvent(at, at.plus(Sessions.CLOSES_AFTER), () -> { }));
    }

    private void leave(PracticeId practice, Facts facts, DemoFile.Left left, Instant began, List<DemoEvent> events) {
        UUID sitting = UUID.nameUUIDFromBytes((facts.household().id() + " left " + began).getBytes(StandardCharsets.UTF_8));
        Instant at = began;
        for (String one : left.went().split(" ")) {
            String[] lay = one.split("l");
            String[] parts = lay[0].split("u");
            int seconds = Integer.parseInt(parts[0]);
            at = at.plusSeconds(seconds + 60L);
            Instant then = at;
            Departure departure = new Departure(UUID.nameUUIDFromBytes((sitting + " " + at).getBytes(StandardCharsets.UTF_8)), facts.household().id(), dog(facts, left.dog()), sitting, seconds,
                    parts.length > 1 ? Integer.valueOf(parts[1]) : null, lay.length > 1 ? Integer.valueOf(lay[1]) : null, at, "");
            events.add(new DemoEvent(at, () -> departures.keep(practice, departure, then)));
        }
        events.add(new DemoEvent(at, at.plus(Sessions.CLOSES_AFTER), () -> { }));
    }
}

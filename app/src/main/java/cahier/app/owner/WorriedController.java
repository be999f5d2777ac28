package cahier.app.owner;

import cahier.app.alone.Departure;
import cahier.app.alone.Departures;
import cahier.app.handling.Handling;
import cahier.app.handling.Touch;
import cahier.app.household.Facts;
import cahier.app.log.EarlySigns;
import cahier.app.sheet.OwnerLinks.Owner;
import cahier.core.coach.EarlySign;
import cahier.core.gate.Topic;
import cahier.core.handling.HandSeen;
import cahier.core.handling.Zone;
import cahier.core.rest.Work;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestAttribute;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Departures, touches and early signs, as phones send them. */
@RestController
class WorriedController {

    private final OwnerPractice practice;
    private final Departures departures;
    private final Handling handling;
    private final EarlySigns signs;
    private final Marks marks;
    private final Clock clock;

    WorriedController(OwnerPractice practice, Departures departures, Handling handling, EarlySigns signs, Marks marks, Clock clock) {
        this.signs = signs;
        this.practice = practice;
        this.departures = departures;
        this.handling = handling;
        this.marks = marks;
        this.clock = clock;
    }

    /** {"id", "sitting", "dog", "left", "upset", "at"}: seconds; upset is left out when the dog was calm. */
    @PostMapping("/o/{token}/departures")
    Map<String, Boolean> departed(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @RequestBody JsonNode body) {
        Instant now = Instant.now(clock);
        Facts facts = practice.facts(owner);
        int left = Pick.whole("left", body.get("left"), 1, Departure.MOST_S);
        Integer upset = body.hasNonNull("upset") ? Pick.whole("upset", body.get("upset"), 0, left) : null;
        Departure departure = new Departure(RepBatch.uuid("id", body.get("id")), owner.householdId(), Pick.dog(facts, body).id(), RepBatch.uuid("sitting", body.get("sitting")), left, upset, null,
                Pick.past(RepBatch.instant("at", body.get("at")), now), "");
        marks.keep(owner, Work.DEPARTURE, Topic.ALONE, new Marks.Tapped(departure.id(), departure.dogId(), null, departure.happenedAt()), now, () -> departures.keep(owner.practice(), departure, now));
        return Map.of("kept", true);
    }

    /** {"seconds"}: from the return until it lay down. */
    @PostMapping("/o/{token}/departures/{id}/settled")
    Map<String, Boolean> settled(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @PathVariable String id, @RequestBody JsonNode body) {
        int seconds = Pick.whole("seconds", body.get("seconds"), 0, Departure.LONGEST_SETTLING_S);
        departures.settled(owner.practice(), owner.householdId(), RepBatch.uuid("id", TextNode.valueOf(id)), seconds, Instant.now(clock));
        return Map.of("kept", true);
    }

    @PostMapping("/o/{token}/departures/{id}/undo")
    Map<String, Boolean> undoDeparture(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @PathVariable String id, @RequestBody JsonNode body) {
        practice.refuseLate(owner, RepBatch.uuid("id", TextNode.valueOf(id)), body.hasNonNull("at") ? RepBatch.instant("at", body.get("at")) : Instant.now(clock));
        departures.undo(owner.practice(), owner.householdId(), RepBatch.uuid("id", TextNode.valueOf(id)), Instant.now(clock));
        return Map.of("undone", true);
    }

    /** {"id", "sitting", "dog", "zone", "seconds", "seen", "back", "at"}: back is whether it came back by itself, or left out. */
    @PostMapping("/o/{token}/touches")
    Map<String, Boolean> touched(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @RequestBody JsonNode body) {
        Instant now = Instant.now(clock);
        Facts facts = practice.facts(owner);
        Boolean back = body.hasNonNull("back") ? (Boolean) body.get("back").asBoolean() : null;
        Touch touch = new Touch(RepBatch.uuid("id", body.get("id")), owner.householdId(), Pick.dog(facts, body).id(), RepBatch.uuid("sitting", body.get("sitting")),
                RepBatch.oneOf("zone", body.get("zone"), List.of(Zone.values())), Pick.whole("seconds", body.get("seconds"), 0, Touch.MOST_S), RepBatch.oneOf("seen", body.get("seen"), List.of(HandSeen.values())), back,
                Pick.past(RepBatch.instant("at", body.get("at")), now), "");
        marks.keep(owner, Work.TOUCH, Topic.HANDLING, new Marks.Tapped(touch.id(), touch.dogId(), null, touch.happenedAt()), now, () -> handling.keep(owner.practice(), touch, now));
        return Map.of("kept", true);
    }

    /** {"id", "dog", "sign", "at"}: an early sign. It is an observation, whatever is practised, so that nothing is asked of it. */
    @PostMapping("/o/{token}/signs")
    Map<String, Boolean> sign(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @RequestBody JsonNode body) {
        Instant now = Instant.now(clock);
        signs.keep(owner.practice(), owner.householdId(), RepBatch.uuid("id", body.get("id")), Pick.dog(practice.facts(owner), body).id(), RepBatch.oneOf("sign", body.get("sign"), List.of(EarlySign.values())),
                Pick.past(RepBatch.instant("at", body.get("at")), now), now);
        return Map.of("kept", true);
    }

    @PostMapping("/o/{token}/touches/{id}/undo")
    Map<String, Boolean> undoTouch(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @PathVariable String id, @RequestBody JsonNode body) {
        practice.refuseLate(owner, RepBatch.uuid("id", TextNode.valueOf(id)), body.hasNonNull("at") ? RepBatch.instant("at", body.get("at")) : Instant.now(clock));
        handling.undo(owner.practice(), owner.householdId(), RepBatch.uuid("id", TextNode.valueOf(id)), null, Instant.now(clock));
        return Map.of("undone", true);
    }
}

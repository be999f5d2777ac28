package cahier.app.owner;

import cahier.app.household.Facts;
import cahier.app.household.Place;
import cahier.app.log.Felt;
import cahier.app.log.RepLog;
import cahier.app.outing.Outing;
import cahier.app.outing.Outings;
import cahier.app.outing.WatchTap;
import cahier.app.outing.Watching;
import cahier.app.sheet.OwnerLinks.Owner;
import cahier.core.exposure.PlaceByPlace;
import cahier.core.gate.Topic;
import cahier.core.rest.Work;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestAttribute;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Long sittings and walks out and back, as phones send them. */
@RestController
class OutingsController {

    private static final int MOST_CARRIED = 2000;

    private final OwnerPractice practice;
    private final Outings outings;
    private final RepLog log;
    private final Marks marks;
    private final Clock clock;

    OutingsController(OwnerPractice practice, Outings outings, RepLog log, Marks marks, Clock clock) {
        this.log = log;
        this.practice = practice;
        this.outings = outings;
        this.marks = marks;
        this.clock = clock;
    }

    /** {"id", "sitting", "dog", "place", "began", "carried", "seen", "at"}: a tap with the sitting it is of. */
    @PostMapping("/o/{token}/watch-taps")
    Map<String, Boolean> tap(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @RequestBody JsonNode body) {
        Instant now = Instant.now(clock);
        Facts facts = practice.facts(owner);
        Place place = Pick.find(facts.places(), Place::id, body.get("place"));
        Watching watching = new Watching(RepBatch.uuid("sitting", body.get("sitting")), owner.householdId(), Pick.dog(facts, body).id(), place == null ? null : place.id(),
                Pick.past(RepBatch.instant("began", body.get("began")), now), Pick.whole("carried", body.get("carried"), 0, MOST_CARRIED));
        WatchTap tap = new WatchTap(RepBatch.uuid("id", body.get("id")), watching.id(), RepBatch.oneOf("seen", body.get("seen"), List.of(WatchTap.What.values())),
                Pick.past(RepBatch.instant("at", body.get("at")), now));
        marks.keep(owner, Work.WATCHING, Topic.PEOPLE, new Marks.Tapped(tap.id(), watching.dogId(), null, tap.happenedAt()), now, () -> outings.keep(owner.practice(), watching, tap, now));
        return Map.of("kept", true);
    }

    @PostMapping("/o/{token}/watch-taps/{id}/undo")
    Map<String, Boolean> undoTap(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @PathVariable String id, @RequestBody JsonNode body) {
        practice.refuseLate(owner, RepBatch.uuid("id", TextNode.valueOf(id)), body.hasNonNull("at") ? RepBatch.instant("at", body.get("at")) : Instant.now(clock));
        outings.undoTap(owner.practice(), owner.householdId(), RepBatch.uuid("id", TextNode.valueOf(id)), Instant.now(clock));
        return Map.of("undone", true);
    }

    /** {"id", "dog", "paces", "calm", "round", "at"}: round may be left out. Place by place {"id", "dog", "places", "calm", "at"}: those tried, the first so many of them calm. */
    @PostMapping("/o/{token}/outings")
    Map<String, Boolean> outing(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @RequestBody JsonNode body) {
        Instant now = Instant.now(clock);
        Facts facts = practice.facts(owner);
        if (body.hasNonNull("places")) {
            List<String> tried = tried(body.get("places"));
            keep(owner, Outing.placeByPlace(RepBatch.uuid("id", body.get("id")), owner.householdId(), Pick.dog(facts, body).id(), tried, Pick.whole("calm", body.get("calm"), 0, tried.size()), Pick.past(RepBatch.instant("at", body.get("at")), now)), now);
            return Map.of("kept", true);
        }
        int paces = Pick.whole("paces", body.get("paces"), 0, Outing.MOST);
        int calm = Pick.whole("calm", body.get("calm"), 0, paces);
        Integer round = body.hasNonNull("round") ? Pick.whole("round", body.get("round"), 1, Outing.MOST) : null;
        Outing walk = Outing.byPaces(RepBatch.uuid("id", body.get("id")), owner.householdId(), Pick.dog(facts, body).id(), paces, calm, round, Pick.past(RepBatch.instant("at", body.get("at")), now));
        keep(owner, walk, now);
        return Map.of("kept", true);
    }

    private void keep(Owner owner, Outing walk, Instant now) {
        marks.keep(owner, Work.WALK, Topic.PEOPLE, new Marks.Tapped(walk.id(), walk.dogId(), null, walk.happenedAt()), now, () -> outings.keep(owner.practice(), walk, now));
    }

    private static List<String> tried(JsonNode places) {
        List<String> names = StreamSupport.stream(places.spliterator(), false).map(JsonNode::asText).map(String::strip).toList();
        try {
            return new PlaceByPlace(names).places();
        } catch (IllegalArgumentException e) {
            throw RepBatch.refused("places", "a list of 1 to " + PlaceByPlace.MOST_PLACES + " places that differ, of " + PlaceByPlace.LONGEST_NAME + " characters at most", places);
        }
    }

    /** {"dog", "felt", "at"}: how whoever was with the dog felt. */
    @PostMapping("/o/{token}/felt")
    Map<String, Boolean> felt(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @RequestBody JsonNode body) {
        log.felt(owner.practice(), owner.householdId(), Pick.dog(practice.facts(owner), body).id(), RepBatch.oneOf("felt", body.get("felt"), List.of(Felt.values())),
                Pick.past(RepBatch.instant("at", body.get("at")), Instant.now(clock)));
        return Map.of("kept", true);
    }

    @PostMapping("/o/{token}/outings/{id}/undo")
    Map<String, Boolean> undo(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @PathVariable String id, @RequestBody JsonNode body) {
        practice.refuseLate(owner, RepBatch.uuid("id", TextNode.valueOf(id)), body.hasNonNull("at") ? RepBatch.instant("at", body.get("at")) : Instant.now(clock));
        outings.undo(owner.practice(), owner.householdId(), RepBatch.uuid("id", TextNode.valueOf(id)), Instant.now(clock));
        return Map.of("undone", true);
    }
}

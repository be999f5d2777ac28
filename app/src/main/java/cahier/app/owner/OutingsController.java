package cahier.app.owner;

import cahier.app.household.Facts;
import cahier.app.household.Place;
import cahier.app.language.Words;
import cahier.app.log.Felt;
import cahier.app.log.RepLog;
import cahier.app.outing.Outing;
import cahier.app.outing.Outings;
import cahier.app.outing.WatchTap;
import cahier.app.outing.Watching;
import cahier.app.passing.Passing;
import cahier.app.passing.PlaceCount;
import cahier.app.sheet.OwnerLinks.Owner;
import cahier.core.exposure.PlaceByPlace;
import cahier.core.exposure.Trigger;
import cahier.core.gate.Topic;
import cahier.core.rest.Work;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestAttribute;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Long sittings and walks out and back, as phones send them. */
@RestController
class OutingsController {

    private static final int MOST_CARRIED = 2000;
    private static final double NEAREST_M = 0.5;
    private static final double FURTHEST_M = 200;

    private final OwnerPractice practice;
    private final Outings outings;
    private final RepLog log;
    private final Passing passing;
    private final Marks marks;
    private final Clock clock;

    OutingsController(OwnerPractice practice, Outings outings, RepLog log, Passing passing, Marks marks, Clock clock) {
        this.passing = passing;
        this.log = log;
        this.practice = practice;
        this.outings = outings;
        this.marks = marks;
        this.clock = clock;
    }

    /** {"id", "sitting", "dog", "place", "began", "carried", "metres", "seen", "kind", "at"}: a tap with the sitting it is of; metres and kind may be left out. */
    @PostMapping("/o/{token}/watch-taps")
    Map<String, Boolean> tap(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @RequestBody JsonNode body) {
        Instant now = Instant.now(clock);
        Facts facts = practice.facts(owner);
        Place place = Pick.find(facts.places(), Place::id, body.get("place"));
        Watching watching = new Watching(RepBatch.uuid("sitting", body.get("sitting")), owner.householdId(), Pick.dog(facts, body).id(), place == null ? null : place.id(),
                Pick.past(RepBatch.instant("began", body.get("began")), now), Pick.whole("carried", body.get("carried"), 0, MOST_CARRIED), metres(body.get("metres")));
        WatchTap tap = new WatchTap(RepBatch.uuid("id", body.get("id")), watching.id(), RepBatch.oneOf("seen", body.get("seen"), List.of(WatchTap.What.values())),
                RepBatch.optional("kind", body.get("kind"), WatchTap.KINDS.toArray(Trigger[]::new)),
                Pick.past(RepBatch.instant("at", body.get("at")), now));
        marks.keep(owner, Work.WATCHING, Topic.PEOPLE, new Marks.Tapped(tap.id(), watching.dogId(), null, tap.happenedAt()), now, () -> outings.keep(owner.practice(), watching, tap, now));
        return Map.of("kept", true);
    }

    private static @Nullable Double metres(@Nullable JsonNode value) {
        if (value == null || value.isNull()) {
            return null;
        }
        if (!value.isNumber() || value.asDouble() < NEAREST_M || value.asDouble() > FURTHEST_M) {
            throw RepBatch.refused("metres", Words.say("owner.OutingsController.a-number-from-to", NEAREST_M, FURTHEST_M), value);
        }
        return value.asDouble();
    }

    /** {"id", "place", "began", "minutes", "dogs", "people", "others"}: who passed a place, counted without the dog. */
    @PostMapping("/o/{token}/counts")
    Map<String, Boolean> counted(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @RequestBody JsonNode body) {
        Instant now = Instant.now(clock);
        Place place = Pick.find(practice.facts(owner).places(), Place::id, body.get("place"));
        if (place == null) {
            throw RepBatch.refused("place", Words.say("owner.OutingsController.a-place-of-this-household"), body.get("place"));
        }
        passing.keep(owner.practice(), new PlaceCount(RepBatch.uuid("id", body.get("id")), owner.householdId(), place.id(), Pick.past(RepBatch.instant("began", body.get("began")), now),
                Pick.whole("minutes", body.get("minutes"), 1, PlaceCount.LONGEST_MIN), Pick.whole("dogs", body.get("dogs"), 0, PlaceCount.MOST), Pick.whole("people", body.get("people"), 0, PlaceCount.MOST),
                Pick.whole("others", body.get("others"), 0, PlaceCount.MOST)), now);
        return Map.of("kept", true);
    }

    @PostMapping("/o/{token}/counts/{id}/undo")
    Map<String, Boolean> undoCount(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @PathVariable String id) {
        passing.undo(owner.practice(), owner.householdId(), RepBatch.uuid("id", TextNode.valueOf(id)), Instant.now(clock));
        return Map.of("undone", true);
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
            throw RepBatch.refused("places", Words.say("owner.OutingsController.a-list-of-1-to", PlaceByPlace.MOST_PLACES, PlaceByPlace.LONGEST_NAME), places);
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

package cahier.app.owner;

import cahier.app.exposure.Exposures;
import cahier.app.exposure.Far;
import cahier.app.exposure.Met;
import cahier.app.exposure.Threat;
import cahier.app.household.Dog;
import cahier.app.household.Facts;
import cahier.app.household.Person;
import cahier.app.household.Place;
import cahier.app.language.Words;
import cahier.app.log.Sign;
import cahier.app.sheet.OwnerLinks.Owner;
import cahier.core.exposure.Phase;
import cahier.core.exposure.Response;
import cahier.core.exposure.Trigger;
import cahier.core.rest.Work;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestAttribute;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What a dog met, as phones send it. */
@RestController
class ExposuresController {

    private static final List<String> FOOD = List.of("", "TAKEN", "REFUSED", "LATE");
    private static final int LONGEST_S = 3600;

    private final OwnerPractice practice;
    private final Exposures exposures;
    private final Marks marks;
    private final Clock clock;

    ExposuresController(OwnerPractice practice, Exposures exposures, Marks marks, Clock clock) {
        this.practice = practice;
        this.exposures = exposures;
        this.marks = marks;
        this.clock = clock;
    }

    /**
     * {"id", "dog", "kind", "loudness", "far", "unit", "response", "food", "calmAfter", "person", "place", "answered", "phase", "at"}: answered in milliseconds; far as a number in unit M, FT, YD, PACES or CARS;
     * or unit L and the number of a landmark, then far says nothing.
     */
    @PostMapping("/o/{token}/exposures")
    Map<String, Boolean> met(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @RequestBody JsonNode body) {
        Instant now = Instant.now(clock);
        Facts facts = practice.facts(owner);
        Dog dog = Pick.dog(facts, body);
        Far.Given far = far(owner, facts, body);
        String food = RepBatch.text(body.get("food"));
        if (!FOOD.contains(food)) {
            throw RepBatch.refused("food", Words.say("owner.ExposuresController.taken-refused-late-or-nothing"), body.get("food"));
        }
        Trigger kind = RepBatch.oneOf("kind", body.get("kind"), List.of(Trigger.values()));
        int loudness = kind == Trigger.NOISE && body.hasNonNull("loudness") ? Pick.whole("loudness", body.get("loudness"), 0, Threat.LOUDNESS.size()) : 0;
        Integer calmAfter = body.hasNonNull("calmAfter") ? Pick.whole("calmAfter", body.get("calmAfter"), 0, LONGEST_S) : null;
        Place place = Pick.find(facts.places(), Place::id, body.get("place"));
        Met met = new Met(RepBatch.uuid("id", body.get("id")), owner.householdId(), dog.id(), kind, far.metres(), far.given(),
                RepBatch.oneOf("response", body.get("response"), List.of(Response.values())), food, calmAfter, place == null ? null : place.id(), Pick.past(RepBatch.instant("at", body.get("at")), now),
                loudness, "").timed(body.hasNonNull("answered") ? Pick.whole("answered", body.get("answered"), 0, Met.LONGEST_MS) : null, body.hasNonNull("phase") ? RepBatch.oneOf("phase", body.get("phase"), List.of(Phase.values())) : null);
        Person person = Pick.find(facts.people(), Person::id, body.get("person"));
        marks.keep(owner, Work.EXPOSURE, kind.topic(), new Marks.Tapped(met.id(), dog.id(), person == null ? null : person.id(), met.happenedAt()), now, () -> exposures.keep(owner.practice(), met, person == null ? null : person.id(), now));
        return Map.of("kept", true);
    }

    private Far.Given far(Owner owner, Facts facts, JsonNode body) {
        String unit = RepBatch.text(body.get("unit"));
        if (unit.matches("L\\d{1,18}")) {
            return exposures.landmarks(owner.practice(), owner.householdId()).stream().filter(l -> unit.equals("L" + l.id())).findFirst().map(l -> new Far.Given(l.metres(), l.name()))
                    .orElseThrow(() -> RepBatch.refused("unit", Words.say("owner.ExposuresController.a-landmark-of-this-household"), body.get("unit")));
        }
        Far in = RepBatch.oneOf("unit", body.get("unit"), List.of(Far.values()));
        double many = body.path("far").asDouble(0);
        Person person = Pick.find(facts.people(), Person::id, body.get("person"));
        double metres = in.metres(many, person == null ? 0 : Objects.requireNonNullElse(person.paceCm(), 0));
        if (!(metres > 0) || metres > Far.FURTHEST_M) {
            throw RepBatch.refused("far", Words.say("owner.ExposuresController.a-distance-above-0-and"), body.get("far"));
        }
        return new Far.Given(metres, in.given(many));
    }

    /** {"seconds"}: how long the dog took to be calm again. */
    @PostMapping("/o/{token}/exposures/{id}/calm")
    Map<String, Boolean> calm(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @PathVariable String id, @RequestBody JsonNode body) {
        exposures.calm(owner.practice(), owner.householdId(), RepBatch.uuid("id", TextNode.valueOf(id)), Pick.whole("seconds", body.get("seconds"), 0, LONGEST_S));
        return Map.of("kept", true);
    }

    /** {"sign"}: what was seen when it reacted. */
    @PostMapping("/o/{token}/exposures/{id}/sign")
    Map<String, Boolean> sign(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @PathVariable String id, @RequestBody JsonNode body) {
        exposures.sign(owner.practice(), owner.householdId(), RepBatch.uuid("id", TextNode.valueOf(id)), RepBatch.oneOf("sign", body.get("sign"), List.of(Sign.values())));
        return Map.of("kept", true);
    }

    @PostMapping("/o/{token}/exposures/{id}/undo")
    Map<String, Boolean> undo(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @PathVariable String id, @RequestBody JsonNode body) {
        practice.refuseLate(owner, RepBatch.uuid("id", TextNode.valueOf(id)), body.hasNonNull("at") ? RepBatch.instant("at", body.get("at")) : Instant.now(clock));
        exposures.undo(owner.practice(), owner.householdId(), RepBatch.uuid("id", TextNode.valueOf(id)), null, Instant.now(clock));
        return Map.of("undone", true);
    }
}

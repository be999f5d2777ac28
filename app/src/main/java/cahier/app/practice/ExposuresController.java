package cahier.app.practice;

import cahier.app.exposure.Exposures;
import cahier.app.exposure.Far;
import cahier.app.exposure.Met;
import cahier.app.exposure.Trigger;
import cahier.app.household.Dog;
import cahier.app.household.Facts;
import cahier.app.household.Person;
import cahier.app.household.Place;
import cahier.app.sheet.OwnerLinks.Owner;
import cahier.core.exposure.Response;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
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
    private final Clock clock;

    ExposuresController(OwnerPractice practice, Exposures exposures, Clock clock) {
        this.practice = practice;
        this.exposures = exposures;
        this.clock = clock;
    }

    /** {"id", "dog", "kind", "far", "unit", "response", "food", "calmAfter", "person", "place", "at"}: far as a number in unit M, FT, YD, PACES or CARS. */
    @PostMapping("/o/{token}/exposures")
    Map<String, Boolean> met(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @RequestBody JsonNode body) {
        Instant now = Instant.now(clock);
        Instant at = RepBatch.instant("at", body.get("at"));
        Facts facts = practice.facts(owner);
        Dog dog = find(facts.dogs(), Dog::id, body.get("dog"));
        if (dog == null) {
            throw RepBatch.refused("dog", "a dog of this household", body.get("dog"));
        }
        Far unit = RepBatch.oneOf("unit", body.get("unit"), List.of(Far.values()));
        double far = body.path("far").asDouble(0);
        Person person = find(facts.people(), Person::id, body.get("person"));
        double metres = unit.metres(far, person == null ? 0 : Objects.requireNonNullElse(person.paceCm(), 0));
        if (!(metres > 0) || metres > Far.FURTHEST_M) {
            throw RepBatch.refused("far", "a distance above 0 and up to 1000 m", body.get("far"));
        }
        String food = RepBatch.text(body.get("food"));
        if (!FOOD.contains(food)) {
            throw RepBatch.refused("food", "TAKEN, REFUSED, LATE or nothing", body.get("food"));
        }
        Integer calmAfter = body.hasNonNull("calmAfter") ? body.get("calmAfter").asInt(-1) : null;
        if (calmAfter != null && (calmAfter < 0 || calmAfter > LONGEST_S)) {
            throw RepBatch.refused("calmAfter", "seconds from 0 to " + LONGEST_S, body.get("calmAfter"));
        }
        Place place = find(facts.places(), Place::id, body.get("place"));
        exposures.keep(owner.practice(), new Met(RepBatch.uuid("id", body.get("id")), owner.householdId(), dog.id(), RepBatch.oneOf("kind", body.get("kind"), List.of(Trigger.values())), metres,
                unit.given(far), RepBatch.oneOf("response", body.get("response"), List.of(Response.values())), food, calmAfter, place == null ? null : place.id(), at.isAfter(now) ? now : at), now);
        return Map.of("kept", true);
    }

    private static <F> @Nullable F find(List<F> facts, Function<F, Long> id, @Nullable JsonNode wanted) {
        return facts.stream().filter(f -> id.apply(f).toString().equals(RepBatch.text(wanted))).findFirst().orElse(null);
    }

    @PostMapping("/o/{token}/exposures/{id}/undo")
    Map<String, Boolean> undo(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @PathVariable String id) {
        exposures.undo(owner.practice(), owner.householdId(), RepBatch.uuid("id", TextNode.valueOf(id)), Instant.now(clock));
        return Map.of("undone", true);
    }
}

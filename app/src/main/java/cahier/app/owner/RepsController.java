package cahier.app.owner;

import cahier.app.alarm.Alarm;
import cahier.app.ask.Question;
import cahier.app.brake.Brake;
import cahier.app.brake.Brakes;
import cahier.app.household.Dog;
import cahier.app.household.Place;
import cahier.app.incident.Incident;
import cahier.app.incident.Incidents;
import cahier.app.language.Words;
import cahier.app.log.Detail;
import cahier.app.log.Ending;
import cahier.app.log.HowEnded;
import cahier.app.log.Sign;
import cahier.app.sheet.OwnerLinks.Owner;
import cahier.app.web.Measures;
import cahier.app.web.Site;
import cahier.core.pay.LeadClips;
import cahier.core.rep.Aid;
import cahier.core.rep.Outcome;
import cahier.core.slip.Slip;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestAttribute;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What an owner's phone sends. Sending anything twice changes nothing. */
@RestController
class RepsController {

    private static final int LONGEST_NOTE = 1000;
    private static final int LONGEST_EVENT = 80;
    private static final int MOST_PAUSES = 100;

    private final OwnerPractice practice;
    private final Asking asking;
    private final Incidents incidents;
    private final Brakes brakes;
    private final Clock clock;
    private final Site site;

    RepsController(OwnerPractice practice, Asking asking, Incidents incidents, Brakes brakes, Clock clock, Site site) {
        this.site = site;
        this.brakes = brakes;
        this.practice = practice;
        this.asking = asking;
        this.incidents = incidents;
        this.clock = clock;
    }

    /** @param rests what was tapped although it rests, in a sentence; left out where nothing was */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    record Answer(int stored, int known, String rests) {
    }

    @PostMapping("/o/{token}/reps")
    Answer reps(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @RequestBody(required = false) @Nullable JsonNode body) {
        brakes.hold(Brake.REPS, owner.key(), body == null ? 1 : Math.max(1, body.path("reps").size()));
        OwnerPractice.Kept kept = practice.store(owner, body, Instant.now(clock));
        return new Answer(kept.stored().stored(), kept.stored().known(), kept.rests());
    }

    /** @param step where it goes on, left out where it does not; @param says what that is */
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    record Next(@Nullable Long step, String says) {
    }

    /** Whether the reps so far let the owner move on within the session; asked after each, where one may. */
    @GetMapping("/o/{token}/practice/{step}/next")
    Next next(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @PathVariable long step) {
        return practice.goneOnTo(owner, step, Instant.now(clock)).map(t -> new Next(t.stepId(), t.plan().title())).orElse(new Next(null, ""));
    }

    @PostMapping("/o/{token}/reps/{id}/undo")
    Map<String, Boolean> undo(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @PathVariable String id, @RequestBody JsonNode body) {
        practice.undo(owner, RepBatch.uuid("id", TextNode.valueOf(id)), RepBatch.instant("at", body.get("at")), Instant.now(clock));
        return Map.of("undone", true);
    }

    /** Another outcome in the place of a rep that was tapped wrong: {"as", "outcome", "at"}, as being the id of the rep that takes its place. */
    @PostMapping("/o/{token}/reps/{id}/correct")
    Map<String, Boolean> correct(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @PathVariable String id, @RequestBody JsonNode body) {
        practice.correct(owner, RepBatch.uuid("id", TextNode.valueOf(id)), RepBatch.uuid("as", body.get("as")),
                RepBatch.oneOf("outcome", body.get("outcome"), List.of(Outcome.values())), RepBatch.instant("at", body.get("at")), Instant.now(clock));
        return Map.of("corrected", true);
    }

    /** What kind of miss it was, where a chain broke, what was seen, what helped: {"slip", "event", "sign", "aid", "cues"}, each may be left out. */
    @PostMapping("/o/{token}/reps/{id}/detail")
    Map<String, Boolean> detail(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @PathVariable String id, @RequestBody JsonNode body) {
        Slip slip = RepBatch.optional("slip", body.get("slip"), Slip.values());
        Sign sign = RepBatch.optional("sign", body.get("sign"), Sign.values());
        practice.describe(owner, RepBatch.uuid("id", TextNode.valueOf(id)), new Detail(slip, text("event", body.get("event"), LONGEST_EVENT), sign,
                RepBatch.optional("aid", body.get("aid"), Aid.values()), cues(body.get("cues"))));
        return Map.of("kept", true);
    }

    @PostMapping("/o/{token}/sessions/{id}/finish")
    Map<String, Boolean> finish(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @PathVariable String id, @RequestBody JsonNode body) {
        HowEnded how = RepBatch.optional("how", body.get("how"), HowEnded.values());
        Boolean ready = body.hasNonNull("ready") ? body.get("ready").asBoolean() : null;
        Ending ending = new Ending(how, text("note", body.get("note"), LONGEST_NOTE), ready, count("cameBack", body.get("cameBack")), count("stayedOff", body.get("stayedOff")), lead(body));
        practice.finish(owner, RepBatch.uuid("id", TextNode.valueOf(id)), RepBatch.instant("at", body.get("at")), ending, Instant.now(clock));
        return Map.of("finished", true);
    }

    /** Something happened for real: {"id", "kind", "went", "distance", "place", "words", "at"}; distance as it is typed, "8 m" or "25 ft". */
    @PostMapping("/o/{token}/incidents")
    Map<String, Boolean> incident(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @RequestBody JsonNode body) {
        Instant now = Instant.now(clock);
        Instant at = RepBatch.instant("at", body.get("at"));
        String distance = RepBatch.text(body.get("distance"));
        Double metres = null;
        try {
            metres = distance.isEmpty() ? null : Measures.metres(distance);
        } catch (IllegalArgumentException e) {
            throw new BadBatch(Words.say("owner.RepsController.distance", e.getMessage()));
        }
        Long place = practice.facts(owner).places().stream().map(Place::id).filter(id -> id.toString().equals(RepBatch.text(body.get("place")))).findFirst().orElse(null);
        incidents.keep(owner.practice(), new Incident(RepBatch.uuid("id", body.get("id")), owner.householdId(), RepBatch.oneOf("kind", body.get("kind"), List.of(Incident.Kind.values())),
                RepBatch.oneOf("went", body.get("went"), List.of(Incident.Went.values())), metres, place, "", text("words", body.get("words"), LONGEST_NOTE), at.isAfter(now) ? now : at), now);
        return Map.of("kept", true);
    }

    /** A question for the trainer: {"id", "words", "at"}. */
    @PostMapping("/o/{token}/questions")
    Map<String, Boolean> question(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @RequestBody JsonNode body) {
        Instant now = Instant.now(clock);
        String words = text("words", body.get("words"), LONGEST_NOTE);
        if (words.isEmpty()) {
            throw new BadBatch(Words.say("owner.RepsController.words-must-not-be-empty"));
        }
        Instant at = RepBatch.instant("at", body.get("at"));
        asking.ask(owner, new Question(RepBatch.uuid("id", body.get("id")), owner.householdId(), words, at.isAfter(now) ? now : at, "", null, null), site.address(), now);
        return Map.of("asked", true);
    }

    /** Stop and call: {"id", "dog", "kind", "what", "at"}. */
    @PostMapping("/o/{token}/alarms")
    Map<String, Boolean> alarm(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @RequestBody JsonNode body) {
        Instant now = Instant.now(clock);
        Dog dog = practice.facts(owner).dogs().stream().filter(d -> Long.toString(d.id()).equals(RepBatch.text(body.get("dog")))).findFirst()
                .orElseThrow(() -> RepBatch.refused("dog", Words.say("owner.RepsController.a-dog-of-this-household"), body.get("dog")));
        Instant at = RepBatch.instant("at", body.get("at"));
        practice.raise(owner, Alarm.raised(RepBatch.uuid("id", body.get("id")), owner.householdId(), dog.id(), dog.name(),
                RepBatch.oneOf("kind", body.get("kind"), List.of(Alarm.Kind.values())), text("what", body.get("what"), LONGEST_NOTE), at.isAfter(now) ? now : at), site.address(), now);
        return Map.of("raised", true);
    }

    /** How far an alarm has got: whether the server has it, whether a mail goes out, whether a trainer has read it. */
    @GetMapping("/o/{token}/alarms/{id}")
    Map<String, Boolean> alarm(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @PathVariable String id) {
        Optional<Alarm> alarm = practice.alarm(owner, RepBatch.uuid("id", TextNode.valueOf(id)));
        return Map.of("received", alarm.isPresent(), "mail", practice.isMailed(owner), "opened", alarm.filter(a -> a.openedAt() != null).isPresent());
    }

    private static String text(String field, @Nullable JsonNode value, int most) {
        String text = RepBatch.text(value);
        if (text.length() > most) {
            throw new BadBatch(Words.say("owner.RepsController.must-be-at-most-characters", field, most, text.length()));
        }
        return text;
    }

    private static LeadClips lead(JsonNode body) {
        int on = count("leadOn", body.get("leadOn"));
        int home = count("leadHome", body.get("leadHome"));
        if (home > on) {
            throw RepBatch.refused("leadHome", Words.say("owner.RepsController.a-number-from-0-to", on), body.get("leadHome"));
        }
        return new LeadClips(on, home);
    }

    /** How often the cue was said; none where it was said once, or nobody told. */
    private static @Nullable Integer cues(@Nullable JsonNode value) {
        if (value == null || value.isNull()) {
            return null;
        }
        int said = value.isInt() ? value.asInt() : 0;
        if (said < 2 || said > Detail.MOST_CUES) {
            throw RepBatch.refused("cues", Words.say("owner.RepsController.a-number-from-2-to", Detail.MOST_CUES), value);
        }
        return said;
    }

    private static int count(String field, @Nullable JsonNode value) {
        int count = value == null || value.isNull() ? 0 : value.asInt(-1);
        if (count < 0 || count > MOST_PAUSES) {
            throw RepBatch.refused(field, Words.say("owner.RepsController.a-number-from-0-to-2", MOST_PAUSES), value);
        }
        return count;
    }
}

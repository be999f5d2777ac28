package cahier.app.owner;

import cahier.app.household.Facts;
import cahier.app.household.LeftPerson;
import cahier.app.household.Person;
import cahier.app.household.Place;
import cahier.app.language.Words;
import cahier.app.log.NewRep;
import cahier.app.log.Side;
import cahier.app.log.Tags;
import cahier.app.web.CleanText;
import cahier.core.rep.Outcome;
import cahier.core.rep.Role;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Reads {@code {"reps":[{"id","sessionId","stepId","outcome","at","person","place","role","value","side","item","helper","adult"}]}}; what
 * follows at may be left out. A bad item refuses the whole batch, naming
 * item, field and value.
 */
final class RepBatch {

    static final int MOST = 200;
    private static final Instant EARLIEST = Instant.parse("2020-01-01T00:00:00Z");
    private static final Instant LATEST = Instant.parse("2100-01-01T00:00:00Z");
    private static final int SHOWN = 60;
    private static final int LONGEST_LABEL = 40;
    /** Roles a phone gives; the others are the trainer's. */
    private static final List<Role> FROM_PHONES = List.of(Role.WORK, Role.EASE, Role.WIN, Role.PROBE, Role.REFRESH);

    private final Map<Long, Long> trackOfStep;
    private final Map<String, Long> people;
    private final Map<String, Long> places;
    private final Map<String, Long> adults;

    /**
     * @param trackOfStep the steps this household was given, with their tracks
     * @param facts its people and places, which may be named by number or by name
     */
    RepBatch(Map<Long, Long> trackOfStep, Facts facts) {
        this.trackOfStep = trackOfStep;
        this.people = keys(facts.left(), LeftPerson::id, LeftPerson::name); // a phone may still have something of theirs to send
        this.people.putAll(keys(facts.people(), Person::id, Person::name));
        this.places = keys(facts.places(), Place::id, Place::name);
        this.adults = keys(facts.adults(), Person::id, Person::name);
    }

    private static <F> Map<String, Long> keys(List<F> facts, Function<F, Long> id, Function<F, String> name) {
        Map<String, Long> byName = facts.stream().collect(Collectors.toMap(f -> name.apply(f).toLowerCase(Locale.ROOT), id, (a, b) -> a));
        facts.forEach(f -> byName.put(id.apply(f).toString(), id.apply(f)));
        return byName;
    }

    List<NewRep> read(@Nullable JsonNode body) {
        JsonNode list = body == null ? null : body.get("reps");
        if (list == null || !list.isArray()) {
            throw new BadBatch(Words.say("owner.RepBatch.reps-must-be-a-list", MOST));
        }
        if (list.isEmpty() || list.size() > MOST) {
            throw new BadBatch(Words.say("owner.RepBatch.reps-must-hold-1-to", MOST, list.size()));
        }
        List<NewRep> reps = new ArrayList<>(list.size());
        for (int i = 0; i < list.size(); i++) {
            reps.add(item("reps[" + i + "].", list.get(i)));
        }
        return reps;
    }

    private NewRep item(String where, JsonNode item) {
        long step = step(where + "stepId", item.get("stepId"));
        return new NewRep(uuid(where + "id", item.get("id")), uuid(where + "sessionId", item.get("sessionId")), Objects.requireNonNull(trackOfStep.get(step)), step,
                oneOf(where + "outcome", item.get("outcome"), Arrays.asList(Outcome.values())),
                item.hasNonNull("role") ? oneOf(where + "role", item.get("role"), FROM_PHONES) : Role.WORK, instant(where + "at", item.get("at")),
                oneOf(where + "person", item.get("person"), people, Words.say("owner.RepBatch.someone-of-this-household")),
                oneOf(where + "place", item.get("place"), places, Words.say("owner.RepBatch.a-place-of-this-household")), tags(where, item));
    }

    private Tags tags(String where, JsonNode item) {
        return new Tags(seconds(where + "value", item.get("value")), optional(where + "side", item.get("side"), Side.values()), label(where + "item", item.get("item")),
                label(where + "helper", item.get("helper")), oneOf(where + "adult", item.get("adult"), adults, Words.say("owner.RepBatch.an-adult-of-this-household")));
    }

    private static @Nullable Double seconds(String field, @Nullable JsonNode value) {
        if (value == null || value.isNull()) {
            return null;
        }
        if (!value.isNumber() || !(value.asDouble() >= 0 && value.asDouble() <= Tags.LONGEST)) {
            throw refused(field, Words.say("owner.RepBatch.seconds-from-0-to-or", Tags.LONGEST), value);
        }
        return value.asDouble();
    }

    private static String label(String field, @Nullable JsonNode value) {
        String text = text(value);
        if (text.length() > LONGEST_LABEL) {
            throw new BadBatch(Words.say("owner.RepBatch.must-be-at-most-characters", field, LONGEST_LABEL, text.length()));
        }
        return text;
    }

    static UUID uuid(String field, @Nullable JsonNode value) {
        String text = text(value);
        try {
            UUID uuid = UUID.fromString(text);
            if (uuid.toString().equalsIgnoreCase(text)) {
                return uuid;
            }
        } catch (IllegalArgumentException e) {
            // said below
        }
        throw refused(field, Words.say("owner.RepBatch.a-uuid-such-as-7f0c5d0e"), value);
    }

    /** What was typed, if it is a UUID. */
    static UUID uuidOr(@Nullable String typed, UUID other) {
        try {
            return typed == null ? other : UUID.fromString(typed);
        } catch (IllegalArgumentException e) {
            return other;
        }
    }

    private long step(String field, @Nullable JsonNode value) {
        try {
            long id = Long.parseLong(text(value));
            if (trackOfStep.containsKey(id)) {
                return id;
            }
        } catch (NumberFormatException e) {
            // said below
        }
        throw refused(field, Words.say("owner.RepBatch.a-step-of-this-households"), value);
    }

    /** One of these constants, by name. */
    static <E extends Enum<E>> E oneOf(String field, @Nullable JsonNode value, List<E> allowed) {
        return allowed.stream().filter(e -> e.name().equals(text(value))).findFirst()
                .orElseThrow(() -> refused(field, Words.say("owner.RepBatch.one-of", allowed.stream().map(Enum::name).collect(Collectors.joining(", "))), value));
    }

    /** As {@link #oneOf}, or nothing when it is left out. */
    static <E extends Enum<E>> @Nullable E optional(String field, @Nullable JsonNode value, E[] allowed) {
        if (value == null || value.isNull()) {
            return null;
        }
        return Arrays.stream(allowed).filter(e -> e.name().equals(text(value))).findFirst()
                .orElseThrow(() -> refused(field, Words.say("owner.RepBatch.one-of-or-left-out", Arrays.stream(allowed).map(Enum::name).collect(Collectors.joining(", "))), value));
    }

    static Instant instant(String field, @Nullable JsonNode value) {
        try {
            Instant at = OffsetDateTime.parse(text(value)).toInstant();
            if (at.isAfter(EARLIEST) && at.isBefore(LATEST)) {
                return at;
            }
        } catch (DateTimeException e) {
            // said below
        }
        throw refused(field, Words.say("owner.RepBatch.a-time-such-as-2026"), value);
    }

    private static @Nullable Long oneOf(String field, @Nullable JsonNode value, Map<String, Long> known, String rule) {
        String text = text(value);
        if (text.isEmpty()) {
            return null;
        }
        Long id = known.get(text.toLowerCase(Locale.ROOT));
        if (id == null) {
            throw refused(field, Words.say("owner.RepBatch.or-left-out", rule), value);
        }
        return id;
    }

    static String text(@Nullable JsonNode value) {
        return value == null || value.isNull() ? "" : CleanText.of(value.asText()).strip();
    }

    static BadBatch refused(String field, String rule, @Nullable JsonNode value) {
        String was = value == null ? "missing" : value.toString();
        return new BadBatch(Words.say("owner.RepBatch.must-be-was", field, rule, (was.length() > SHOWN ? was.substring(0, SHOWN) + "…" : was)));
    }
}

package cahier.app.owner;

import cahier.app.household.Dog;
import cahier.app.household.Facts;
import cahier.app.language.Words;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.Instant;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** What phones name, found among the facts of their household. */
final class Pick {

    private Pick() {
    }

    static <F> @Nullable F find(List<F> facts, Function<F, Long> id, @Nullable JsonNode wanted) {
        return facts.stream().filter(f -> id.apply(f).toString().equals(RepBatch.text(wanted))).findFirst().orElse(null);
    }

    /** One of its dogs; also one that is gone, of which a phone may still have something to send. */
    static Dog dog(Facts facts, JsonNode body) {
        Dog dog = find(facts.everyDog().toList(), Dog::id, body.get("dog"));
        if (dog == null) {
            throw RepBatch.refused("dog", Words.say("owner.Pick.a-dog-of-this-household"), body.get("dog"));
        }
        return dog;
    }

    static int whole(String field, @Nullable JsonNode value, int least, int most) {
        if (value == null || !value.isInt() || value.asInt() < least || value.asInt() > most) {
            throw RepBatch.refused(field, Words.say("owner.Pick.a-whole-number-from-to", least, most), value);
        }
        return value.asInt();
    }

    /** A phone whose clock is ahead has tapped now. */
    static Instant past(Instant at, Instant now) {
        return at.isAfter(now) ? now : at;
    }
}

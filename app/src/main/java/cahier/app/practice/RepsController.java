package cahier.app.practice;

import cahier.app.log.HowEnded;
import cahier.app.log.RepLog;
import cahier.app.sheet.OwnerLinks.Owner;
import cahier.app.web.NotFound;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.time.Clock;
import java.time.Instant;
import java.util.Arrays;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestAttribute;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What an owner's phone sends. Sending anything twice changes nothing. */
@RestController
class RepsController {

    private static final int LONGEST_NOTE = 1000;

    private final OwnerPractice practice;
    private final Clock clock;

    RepsController(OwnerPractice practice, Clock clock) {
        this.practice = practice;
        this.clock = clock;
    }

    record Answer(int stored, int known) {
    }

    @PostMapping("/o/{token}/reps")
    Answer reps(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @RequestBody(required = false) @Nullable JsonNode body) {
        RepLog.Stored stored = practice.store(owner, body, Instant.now(clock));
        return new Answer(stored.stored(), stored.known());
    }

    @PostMapping("/o/{token}/reps/{id}/undo")
    Map<String, Boolean> undo(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @PathVariable String id, @RequestBody JsonNode body) {
        practice.undo(owner, RepBatch.uuid("id", TextNode.valueOf(id)), RepBatch.instant("at", body.get("at")), Instant.now(clock));
        return Map.of("undone", true);
    }

    @PostMapping("/o/{token}/sessions/{id}/finish")
    Map<String, Boolean> finish(@RequestAttribute(OwnerFilter.OWNER) Owner owner, @PathVariable String id, @RequestBody JsonNode body) {
        String note = body.path("note").asText("").strip();
        if (note.length() > LONGEST_NOTE) {
            throw new BadBatch("note must be at most " + LONGEST_NOTE + " characters, was " + note.length());
        }
        practice.finish(owner, RepBatch.uuid("id", TextNode.valueOf(id)), RepBatch.instant("at", body.get("at")), how(body.get("how")), note, Instant.now(clock));
        return Map.of("finished", true);
    }

    /** Nothing when the owner did not say. */
    private static @Nullable HowEnded how(@Nullable JsonNode how) {
        if (how == null || how.isNull()) {
            return null;
        }
        return Arrays.stream(HowEnded.values()).filter(h -> h.name().equals(how.asText())).findFirst()
                .orElseThrow(() -> RepBatch.refused("how", "one of EAGER, FLAT, FRUSTRATED, STOPPED, or left out", how));
    }

    @ExceptionHandler(BadBatch.class)
    @ResponseStatus(HttpStatus.BAD_REQUEST)
    Map<String, String> bad(BadBatch e) {
        return Map.of("error", String.valueOf(e.getMessage()));
    }

    @ExceptionHandler(HttpMessageNotReadableException.class)
    @ResponseStatus(HttpStatus.BAD_REQUEST)
    Map<String, String> unreadable() {
        return Map.of("error", "the message must be JSON such as {\"reps\":[]}");
    }

    @ExceptionHandler(NotFound.class)
    @ResponseStatus(HttpStatus.NOT_FOUND)
    Map<String, String> notFound(NotFound e) {
        return Map.of("error", e.getMessage() + " is not here");
    }
}

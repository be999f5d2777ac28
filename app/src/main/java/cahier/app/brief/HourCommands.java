package cahier.app.brief;

import cahier.app.language.Words;
import cahier.app.lesson.Lessons;
import cahier.app.scope.TrainerUser;
import cahier.app.web.NotFound;
import java.time.Clock;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What the page of a lesson that runs asks and sends while there is signal. */
@RestController
class HourCommands {

    private final Hours hours;
    private final Lessons lessons;
    private final Clock clock;

    HourCommands(Hours hours, Lessons lessons, Clock clock) {
        this.hours = hours;
        this.lessons = lessons;
        this.clock = clock;
    }

    /** @param track of which it is said what its step lacks */
    @GetMapping("/lessons/{id}/hour/state")
    HourState state(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestParam(required = false) @Nullable Long track) {
        return hours.state(me.practice(), id, track, Instant.now(clock));
    }

    @PostMapping("/lessons/{id}/hour/reps")
    Map<String, Boolean> tap(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestBody HourSent.Tap tap) {
        hours.tap(me.practice(), lessons.get(me.practice(), id), tap, Instant.now(clock));
        return kept();
    }

    @PostMapping("/lessons/{id}/hour/reps/{rep}/undo")
    Map<String, Boolean> undo(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @PathVariable UUID rep) {
        hours.undo(me.practice(), lessons.get(me.practice(), id), rep, me.id(), Instant.now(clock));
        return kept();
    }

    @PostMapping("/lessons/{id}/hour/reps/{rep}/slip")
    Map<String, Boolean> slip(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @PathVariable UUID rep, @RequestBody HourSent.Slipped slipped) {
        hours.slipped(me.practice(), lessons.get(me.practice(), id), rep, slipped);
        return kept();
    }

    @PostMapping("/lessons/{id}/hour/agenda")
    Map<String, Boolean> agenda(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestBody HourSent.Blocks blocks) {
        hours.arrange(me.practice(), lessons.get(me.practice(), id), blocks, Instant.now(clock));
        return kept();
    }

    @PostMapping("/lessons/{id}/hour/shown")
    Map<String, Boolean> shown(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestBody HourSent.Back back) {
        hours.shown(me.practice(), lessons.get(me.practice(), id), back);
        return kept();
    }

    @PostMapping("/lessons/{id}/hour/notes")
    Map<String, Boolean> note(@AuthenticationPrincipal TrainerUser me, @PathVariable long id, @RequestBody HourSent.Notes notes) {
        hours.note(me.practice(), lessons.get(me.practice(), id), notes);
        return kept();
    }

    private static Map<String, Boolean> kept() {
        return Map.of("kept", true);
    }

    /** What a page sends that cannot be read: it is told which value, and keeps it. */
    @ExceptionHandler(HttpMessageNotReadableException.class)
    @ResponseStatus(HttpStatus.BAD_REQUEST)
    Map<String, String> unreadable(HttpMessageNotReadableException e) {
        Throwable cause = e.getRootCause();
        return Map.of("error", cause instanceof IllegalArgumentException ? String.valueOf(cause.getMessage()) : Words.say("brief.HourCommands.the-message-must-be-json"));
    }

    /** In words that the page's queue understands: what is gone is not tried for ever. */
    @ExceptionHandler(NotFound.class)
    @ResponseStatus(HttpStatus.NOT_FOUND)
    Map<String, String> gone(NotFound e) {
        return Map.of("error", Words.say("brief.HourCommands.is-not-here", e.getMessage()));
    }

    @ExceptionHandler(IllegalArgumentException.class)
    @ResponseStatus(HttpStatus.BAD_REQUEST)
    Map<String, String> refused(IllegalArgumentException e) {
        return Map.of("error", String.valueOf(e.getMessage()));
    }
}

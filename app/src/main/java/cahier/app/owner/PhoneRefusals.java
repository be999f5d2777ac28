package cahier.app.owner;

import cahier.app.brake.TooMuch;
import cahier.app.language.Words;
import cahier.app.web.NotFound;
import java.util.Map;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/** What a phone is told when a message cannot be taken. */
@RestControllerAdvice(assignableTypes = {RepsController.class, ExposuresController.class, OutingsController.class, WorriedController.class})
@Order(Ordered.HIGHEST_PRECEDENCE)
class PhoneRefusals {

    @ExceptionHandler(BadBatch.class)
    @ResponseStatus(HttpStatus.BAD_REQUEST)
    Map<String, String> bad(BadBatch e) {
        return Map.of("error", String.valueOf(e.getMessage()));
    }

    @ExceptionHandler(HttpMessageNotReadableException.class)
    @ResponseStatus(HttpStatus.BAD_REQUEST)
    Map<String, String> unreadable() {
        return Map.of("error", Words.say("owner.PhoneRefusals.the-message-must-be-json"));
    }

    @ExceptionHandler(TooMuch.class)
    ResponseEntity<Map<String, String>> tooMuch(TooMuch e) {
        return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS).header(HttpHeaders.RETRY_AFTER, Long.toString(e.seconds())).body(Map.of("error", String.valueOf(e.getMessage())));
    }

    @ExceptionHandler(NotFound.class)
    @ResponseStatus(HttpStatus.NOT_FOUND)
    Map<String, String> notFound(NotFound e) {
        return Map.of("error", Words.say("owner.PhoneRefusals.is-not-here", e.getMessage()));
    }
}

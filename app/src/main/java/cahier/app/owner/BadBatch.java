package cahier.app.owner;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.ResponseStatus;

/** Something in a message from a phone is not allowed; names item, field and value. Nothing of the message was stored. */
@ResponseStatus(HttpStatus.BAD_REQUEST)
class BadBatch extends RuntimeException {

    private static final long serialVersionUID = 1L;

    BadBatch(String message) {
        super(message);
    }
}

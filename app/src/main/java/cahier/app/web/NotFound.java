package cahier.app.web;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.ResponseStatus;

/** There is no such thing here, or it is another practice's: the same page for both. */
@ResponseStatus(HttpStatus.NOT_FOUND)
public class NotFound extends RuntimeException {

    private static final long serialVersionUID = 1L;

    public NotFound(String what) {
        super(what);
    }
}

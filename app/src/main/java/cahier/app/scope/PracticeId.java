package cahier.app.scope;

import java.io.Serializable;

/** The practice a row belongs to. A type of its own, because it stands in every query next to another id. */
public record PracticeId(long value) implements Serializable {

    @Override
    public String toString() {
        return Long.toString(value);
    }
}

package cahier.core.exposure;

import java.util.Objects;

/**
 * One dog met one trigger.
 *
 * @param metres above 0
 */
public record Exposure(double metres, Response response) {

    public Exposure {
        if (!(metres > 0) || Double.isInfinite(metres)) {
            throw new IllegalArgumentException("metres must be above 0, was " + metres);
        }
        Objects.requireNonNull(response, "response");
    }
}

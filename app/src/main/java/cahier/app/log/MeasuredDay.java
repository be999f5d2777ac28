package cahier.app.log;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * What a step measured on one day.
 *
 * @param least of the CLEAN values, in the unit of the step; none where nothing was clean
 * @param most of them
 */
public record MeasuredDay(long trackId, long stepId, LocalDate day, @Nullable Double least, @Nullable Double most, boolean tooMuch) {
}

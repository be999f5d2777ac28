package cahier.app.log;

import cahier.core.slip.Slip;
import org.jspecify.annotations.Nullable;

/**
 * What an owner adds to a rep after the tap.
 *
 * @param event where a chain broke, with {@link Slip#BROKE_AT}; empty otherwise
 * @param sign what was seen, with a rep that was too much
 */
public record Detail(@Nullable Slip slip, String event, @Nullable Sign sign) {
}

/** Stop and call: what an owner raises when a dog threatened, hurt or lost itself, until the trainer has answered. Front door: {@link cahier.app.alarm.Alarms}. */
@NullMarked
package cahier.app.alarm;

import org.jspecify.annotations.NullMarked;

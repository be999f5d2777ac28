/** Stop and call, on the trainer's side: read, spoken about, answered. Front door: {@link cahier.app.call.AlarmController}. */
@NullMarked
package cahier.app.call;

import org.jspecify.annotations.NullMarked;

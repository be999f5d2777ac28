/** How long the rules and the pages take. {@link cahier.speed.CoreSpeed} and {@link cahier.speed.WeekScores} measure the core, {@link cahier.speed.PageSpeed} a running demo. */
@NullMarked
package cahier.speed;

import org.jspecify.annotations.NullMarked;

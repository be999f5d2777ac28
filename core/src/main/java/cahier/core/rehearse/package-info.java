/**
 * Made-up households that rehearse a plan (docs/rules.md 40): a dog that learns, forgets and warms up, owners with a rhythm, a trainer who answers sooner or later.
 * {@link cahier.core.rehearse.Dog} and {@link cahier.core.rehearse.Owners} know nothing of the rules; {@link cahier.core.rehearse.Walk} lets the rules judge them as it lets them judge a real log.
 * Front door: {@link cahier.core.rehearse.Rehearsal}.
 */
@NullMarked
package cahier.core.rehearse;

import org.jspecify.annotations.NullMarked;

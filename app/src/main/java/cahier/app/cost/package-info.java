/**
 * What a template costs and how it usually goes, by made-up dogs (docs/rules.md 40). Those of the shelf are walked when Cahier is built and ship with it.
 * Front door: {@link cahier.app.cost.Costs}.
 */
@NullMarked
package cahier.app.cost;

import org.jspecify.annotations.NullMarked;

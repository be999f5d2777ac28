/**
 * A household and its facts: people, dogs, places, agreed words, lessons.
 * Front doors: {@link cahier.app.household.Households} and {@link cahier.app.household.Household}.
 */
@NullMarked
package cahier.app.household;

import org.jspecify.annotations.NullMarked;

/** What the pieces of a sheet mean for each dog's food. Front door: {@link cahier.app.food.FoodLines}. */
@NullMarked
package cahier.app.food;

import org.jspecify.annotations.NullMarked;

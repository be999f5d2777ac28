/** What the pieces of a day weigh in the dog's ration (docs/rules.md 12). Front door: {@link cahier.core.food.FoodBudget}. */
@NullMarked
package cahier.core.food;

import org.jspecify.annotations.NullMarked;

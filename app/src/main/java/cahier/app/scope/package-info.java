/**
 * Who asks and whose rows they may see: the wall between practices, the one transaction of a request, how the tables are brought up to date.
 * Front doors: {@link cahier.app.scope.TrainerUser}, {@link cahier.app.scope.PracticeId} and {@link cahier.app.scope.PracticeScope}.
 */
@NullMarked
package cahier.app.scope;

import org.jspecify.annotations.NullMarked;

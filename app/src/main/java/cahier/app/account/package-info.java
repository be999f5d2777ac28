/**
 * Practices and their trainers: who is signed in, and the wall between practices.
 * Front doors: {@link cahier.app.account.TrainerUser} and {@link cahier.app.account.PracticeScope}.
 */
@NullMarked
package cahier.app.account;

import org.jspecify.annotations.NullMarked;

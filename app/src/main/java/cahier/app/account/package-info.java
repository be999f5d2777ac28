/**
 * Practices, their trainers and how they sign in.
 * Front doors: {@link cahier.app.account.AccountService} and {@link cahier.app.account.Credentials}.
 */
@NullMarked
package cahier.app.account;

import org.jspecify.annotations.NullMarked;

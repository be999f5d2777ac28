/** When and with what to pay, so that the dog cannot guess it (docs/rules.md 13). Front doors: {@link cahier.core.pay.PaySheet} and {@link cahier.core.pay.Payoffs}. */
@NullMarked
package cahier.core.pay;

import org.jspecify.annotations.NullMarked;

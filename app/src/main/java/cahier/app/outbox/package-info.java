/**
 * Mail to owners: written when a homework goes out or a question is answered, kept until a server has taken it.
 * Front doors: {@link cahier.app.outbox.Outbox} writes, {@link cahier.app.outbox.Postman} carries.
 */
@NullMarked
package cahier.app.outbox;

import org.jspecify.annotations.NullMarked;

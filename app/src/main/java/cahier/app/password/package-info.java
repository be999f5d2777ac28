/** A trainer who has lost the password: a link by mail, or a word printed on the machine. */
@NullMarked
package cahier.app.password;

import org.jspecify.annotations.NullMarked;

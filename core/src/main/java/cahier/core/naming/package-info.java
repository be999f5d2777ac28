/** When a word may be spoken, and when it must rest again (docs/rules.md 25). Front door: {@link cahier.core.naming.NamingGate}. */
@NullMarked
package cahier.core.naming;

import org.jspecify.annotations.NullMarked;

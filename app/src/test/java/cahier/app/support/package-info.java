/** What the application's tests share: a PostgreSQL of their own, a clock that can be moved, a browser, made-up households. */
@NullMarked
package cahier.app.support;

import org.jspecify.annotations.NullMarked;

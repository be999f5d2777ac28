/**
 * What shall be gone is gone: a household on request, with a certificate; what is older than the practice keeps, by itself. Rows that are only
 * ever added to can be taken by two functions of the database alone (docs/decisions/0026-erasing.md).
 */
@NullMarked
package cahier.app.erasure;

import org.jspecify.annotations.NullMarked;

/**
 * A household or a practice whole, as one file of open formats: out, and in again. What a table holds and what refers to what is read from
 * the database's own catalogue, so that a new table is copied without being named here.
 */
@NullMarked
package cahier.app.copy;

import org.jspecify.annotations.NullMarked;

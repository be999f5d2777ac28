/** What whoever runs an installation reads: a line for each request, and questions to the database that took long. Nothing in it says who anybody is. */
@NullMarked
package cahier.app.running;

import org.jspecify.annotations.NullMarked;

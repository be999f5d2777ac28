/**
 * The trainers of a practice: who belongs to it and what each may do, who is away and who stands in, whose household is whose.
 * Front doors: {@link cahier.app.team.Team} and {@link cahier.app.team.HandOvers}.
 */
@NullMarked
package cahier.app.team;

import org.jspecify.annotations.NullMarked;

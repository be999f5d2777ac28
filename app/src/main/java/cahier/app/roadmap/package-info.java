/**
 * The tracks of a household as one roadmap: what is open, what waits for what, what is kept apart, how a track starts from a template.
 * Front doors: {@link cahier.app.roadmap.Roadmaps}, {@link cahier.app.roadmap.Starts} and {@link cahier.app.roadmap.SchoolChange}.
 */
@NullMarked
package cahier.app.roadmap;

import org.jspecify.annotations.NullMarked;

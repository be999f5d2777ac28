/** Whole roadmaps in and out, in the open format of docs/formats. Front door: {@link cahier.app.exchange.RoadmapExchange}. */
@NullMarked
package cahier.app.exchange;

import org.jspecify.annotations.NullMarked;

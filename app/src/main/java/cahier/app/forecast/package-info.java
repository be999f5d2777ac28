/** When a track may reach its goal, from what was practised. Front door: {@link cahier.app.forecast.Forecasts}. */
@NullMarked
package cahier.app.forecast;

import org.jspecify.annotations.NullMarked;

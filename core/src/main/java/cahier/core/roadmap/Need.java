package cahier.core.roadmap;

/**
 * One thing that must come first.
 *
 * @param from this step, and every later one of its track, waits
 * @param first until this step is passed
 */
public record Need(Stop from, Stop first) {
}

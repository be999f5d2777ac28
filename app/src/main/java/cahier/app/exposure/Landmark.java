package cahier.app.exposure;

/**
 * Something everyone in the household can point at, so that nobody has to guess (docs/rules.md 27).
 *
 * @param metres from where the dog works, above 0
 */
public record Landmark(long id, String name, double metres) {
}

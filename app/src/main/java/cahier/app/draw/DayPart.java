package cahier.app.draw;

/** Part of a day that is drawn, in minutes from its midnight. */
public record DayPart(int from, int to) {
}

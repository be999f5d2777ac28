package cahier.app.bench;

import cahier.core.exposure.SightLine;

/** How fast what comes by is. */
public enum Speed {

    WALKING("walking", SightLine.WALKING), JOGGING("jogging", SightLine.JOGGING), CYCLING("cycling", SightLine.CYCLING);

    private final String words;
    private final double metresPerSecond;

    Speed(String words, double metresPerSecond) {
        this.words = words;
        this.metresPerSecond = metresPerSecond;
    }

    public String words() {
        return words;
    }

    double metresPerSecond() {
        return metresPerSecond;
    }
}

package cahier.app.bench;

import cahier.app.language.Words;
import cahier.core.exposure.SightLine;

/** How fast what comes by is. */
public enum Speed {

    WALKING(SightLine.WALKING), JOGGING(SightLine.JOGGING), CYCLING(SightLine.CYCLING);

    private final double metresPerSecond;

    Speed(double metresPerSecond) {
        this.metresPerSecond = metresPerSecond;
    }

    public String words() {
        return Words.say("bench.Speed." + name());
    }

    double metresPerSecond() {
        return metresPerSecond;
    }
}

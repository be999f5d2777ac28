package cahier.app.household;

import cahier.app.language.Words;
import java.time.LocalDate;

/** A change after which what was reached is looked at once more (docs/rules.md 4, Upkeep). */
public record LifeChange(long id, LocalDate day, What what) {

    /** What changed. */
    public enum What {
        HOME, SEASON;

        public String words() {
            return Words.say("household.What." + name());
        }
    }
}

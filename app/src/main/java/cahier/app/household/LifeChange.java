package cahier.app.household;

import java.time.LocalDate;

/** A change after which what was reached is looked at once more (docs/rules.md 4, Upkeep). */
public record LifeChange(long id, LocalDate day, What what) {

    /** What changed. */
    public enum What {
        HOME("a new home"), SEASON("a new season");

        private final String words;

        What(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}

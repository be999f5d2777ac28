package cahier.app.household;

import cahier.app.language.Words;
import java.time.Instant;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** A dog that is not in the household any more; what was logged of it stays. */
public record GoneDog(long id, String name, String looks, @Nullable LocalDate born, @Nullable Integer weightG, int version, Instant goneAt, How goneHow) {

    /** Why it is not there, and how that is said of it. */
    public enum How {
        DIED, MOVED;

        public String words() {
            return Words.say("household.How." + name());
        }
    }

    /** As it was. */
    public Dog dog() {
        return new Dog(id, name, looks, born, weightG, version);
    }
}

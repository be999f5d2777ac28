package cahier.core.gate;

import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * A red flag of one dog, and its clearance once there is one (docs/rules.md 21).
 *
 * @param raisedOn the day it was written down
 */
public record Gate(RedFlag flag, LocalDate raisedOn, Optional<Clearance> clearance) {

    public Gate {
        Objects.requireNonNull(flag, "flag");
        Objects.requireNonNull(raisedOn, "raisedOn");
        clearance.ifPresent(c -> {
            if (!flag.clearedBy().contains(c.by())) {
                throw new IllegalArgumentException("by must be one of " + flag.clearedBy().stream().sorted().toList() + " for " + flag + ", was " + c.by());
            }
            if (c.on().isBefore(raisedOn)) {
                throw new IllegalArgumentException("on must not be before the flag was raised on " + raisedOn + ", was " + c.on());
            }
        });
    }

    /**
     * Who cleared it.
     *
     * @param name the person or the practice; not blank
     * @param note what was said, as far as the trainer needs it
     */
    public record Clearance(Profession by, String name, LocalDate on, String note) {

        public Clearance {
            Objects.requireNonNull(by, "by");
            Objects.requireNonNull(on, "on");
            Objects.requireNonNull(note, "note");
            if (name.isBlank()) {
                throw new IllegalArgumentException("name must not be blank, was “" + name + "”");
            }
        }
    }

    /** Whether it stands. */
    public boolean isShut() {
        return clearance.isEmpty();
    }

    /** The flags that shut this topic, in the order they were raised; empty when homework may be issued. */
    public static List<RedFlag> shutting(List<Gate> ofDog, Topic topic) {
        return ofDog.stream().filter(Gate::isShut).map(Gate::flag).filter(f -> f.shuts(topic)).distinct().toList();
    }
}

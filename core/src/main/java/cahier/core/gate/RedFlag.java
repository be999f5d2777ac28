package cahier.core.gate;

import static cahier.core.gate.Profession.BEHAVIOURIST;
import static cahier.core.gate.Profession.VET;

import java.util.EnumSet;
import java.util.Set;

/** What must be looked at by someone else first (docs/rules.md 21). */
public enum RedFlag {

    /** A bite that broke skin. */
    BITE(EnumSet.of(BEHAVIOURIST), EnumSet.of(Topic.PEOPLE, Topic.DOGS, Topic.HANDLING, Topic.ITEMS)),
    /** A growl or a snap at a child. */
    CHILD_THREATENED(EnumSet.of(BEHAVIOURIST), EnumSet.of(Topic.PEOPLE, Topic.HANDLING, Topic.ITEMS)),
    /** A sudden change of behaviour or of appetite. */
    SUDDEN_CHANGE(EnumSet.of(VET), EnumSet.complementOf(EnumSet.of(Topic.EVERYDAY))),
    /** Signs of pain. */
    PAIN(EnumSet.of(VET), EnumSet.of(Topic.BODY, Topic.HANDLING)),
    /** The dog hurts itself. */
    SELF_INJURY(EnumSet.of(VET, BEHAVIOURIST), EnumSet.of(Topic.ALONE, Topic.NOISE)),
    /** Panic when left alone. */
    PANIC_ALONE(EnumSet.of(VET, BEHAVIOURIST), EnumSet.of(Topic.ALONE));

    private final Set<Profession> clearedBy;
    private final Set<Topic> shuts;

    RedFlag(Set<Profession> clearedBy, Set<Topic> shuts) {
        this.clearedBy = Set.copyOf(clearedBy);
        this.shuts = Set.copyOf(shuts);
    }

    /** Who can clear it; one of them is enough. */
    public Set<Profession> clearedBy() {
        return clearedBy;
    }

    /** Whether no homework of this topic may be issued while the flag stands. */
    public boolean shuts(Topic topic) {
        return shuts.contains(topic);
    }
}

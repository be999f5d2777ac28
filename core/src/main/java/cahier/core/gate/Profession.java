package cahier.core.gate;

/** Who can clear a red flag. Cahier refers, it does not diagnose. */
public enum Profession {
    VET, BEHAVIOURIST
}

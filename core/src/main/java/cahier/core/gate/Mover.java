package cahier.core.gate;

/** What moves the dog when it does what the owner complains of. */
public enum Mover {
    STARTLED, AFRAID, CHASING, TRAINED, OVEREXCITED
}

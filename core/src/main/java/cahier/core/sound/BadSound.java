package cahier.core.sound;

/** A recording that cannot be read; the message says what it is and what is wanted. */
public class BadSound extends Exception {

    private static final long serialVersionUID = 1;

    public BadSound(String message) {
        super(message);
    }
}

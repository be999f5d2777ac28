package cahier.app.track;

/** Whom a step needs beside the one who handles the dog, in the order in which company gets harder. */
public enum Helper {

    NOBODY("nobody"), HOUSEHOLD("one of the household"), FRIEND("a friend"), STRANGER("a stranger");

    private final String words;

    Helper(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}

package cahier.app.log;

/** How a session ended, as the owner saw the dog. */
public enum HowEnded {

    EAGER("Eager for more"), FLAT("Flat"), FRUSTRATED("Frustrated"), STOPPED("Stopped early");

    private final String words;

    HowEnded(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}

package cahier.app.log;

/** What the dog showed when it was too much. */
public enum Sign {

    BARKED("Barked"), LUNGED("Lunged"), FROZE("Froze"), HID("Hid"), BACKED_OFF("Backed off"), REFUSED_FOOD("Refused food");

    private final String words;

    Sign(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}

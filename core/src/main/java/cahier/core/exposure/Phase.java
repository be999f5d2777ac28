package cahier.core.exposure;

/** Where what passes is when the dog answers: most dogs find one of them harder (docs/rules.md 9). */
public enum Phase {

    COMING("coming"), BESIDE("beside"), LEAVING("leaving");

    private final String words;

    Phase(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}

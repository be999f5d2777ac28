package cahier.app.log;

/** How whoever was with the dog outdoors felt: tension travels down the lead (docs/rules.md 24). */
public enum Felt {

    AT_EASE("At ease"), TENSE("Tense");

    private final String words;

    Felt(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}

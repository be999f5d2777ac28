package cahier.core.handling;

/** What a dog did when it was touched (docs/rules.md 15). */
public enum HandSeen {

    CALM("calm"), STIFF("stiff"), FLINCH("flinched"), LEFT("left");

    private final String words;

    HandSeen(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}

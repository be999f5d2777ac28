package cahier.app.intake;

/** What a household may have at hand. */
public enum Equipment {

    COLLAR("Collar"), HARNESS("Harness"), LONG_LINE("Long line"), MUZZLE("Basket muzzle"), CRATE("Crate"), MAT("Mat");

    private final String words;

    Equipment(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}

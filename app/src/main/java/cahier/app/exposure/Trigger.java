package cahier.app.exposure;

/** What a dog may mind. */
public enum Trigger {

    DOG("Dog"), PERSON("Person"), CHILD("Child"), RUNNER("Runner"), CYCLE("Cycle"), VEHICLE("Vehicle"), LIVESTOCK("Livestock"), NOISE("Noise"), OTHER("Other");

    private final String words;

    Trigger(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}

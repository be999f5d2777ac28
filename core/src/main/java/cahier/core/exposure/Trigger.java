package cahier.core.exposure;

import cahier.core.gate.Topic;

/** What a dog may mind: what is met, and what a distance is measured to. */
public enum Trigger {

    DOG("Dog", Topic.DOGS), PERSON("Person", Topic.PEOPLE), CHILD("Child", Topic.PEOPLE), RUNNER("Runner", Topic.PEOPLE), CYCLE("Cycle", Topic.PEOPLE), VEHICLE("Vehicle", Topic.NOISE),
    LIVESTOCK("Livestock", Topic.DOGS), NOISE("Noise", Topic.NOISE), OTHER("Other", Topic.PEOPLE);

    private final String words;
    private final Topic topic;

    Trigger(String words, Topic topic) {
        this.words = words;
        this.topic = topic;
    }

    /** What a red flag that shuts it is about. */
    public Topic topic() {
        return topic;
    }

    public String words() {
        return words;
    }
}

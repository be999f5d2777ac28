package cahier.app.baseline;

import cahier.core.gate.Topic;

/** What a working distance is measured to. */
public enum Trigger {

    DOG(Topic.DOGS), PERSON(Topic.PEOPLE), CHILD(Topic.PEOPLE), RUNNER(Topic.PEOPLE), CYCLE(Topic.PEOPLE), VEHICLE(Topic.NOISE), LIVESTOCK(Topic.DOGS),
    NOISE(Topic.NOISE);

    private final Topic topic;

    Trigger(Topic topic) {
        this.topic = topic;
    }

    /** The topic of the tracks it concerns. */
    public Topic topic() {
        return topic;
    }
}

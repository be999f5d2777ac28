package cahier.core.rest;

import cahier.core.exposure.Trigger;
import cahier.core.gate.Topic;
import cahier.core.measure.Measure;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Stream;

/** A kind of work an owner does and writes down: the step of a track, or what is logged beside the tracks (docs/rules.md 38). */
public enum Work {

    /** A step of a track. */
    STEP,
    /** Meeting what the dog minds, at a distance. */
    EXPOSURE,
    /** One place, and the world passes. */
    WATCHING(Topic.PEOPLE, Topic.DOGS),
    /** From the door and home again. */
    WALK(Topic.PEOPLE, Topic.DOGS, Topic.BODY),
    /** Once out and back while the dog stays. */
    DEPARTURE(Topic.ALONE),
    /** A hand on the dog. */
    TOUCH(Topic.HANDLING);

    private final Set<Topic> topics;

    Work(Topic... topics) {
        EnumSet<Topic> all = EnumSet.noneOf(Topic.class);
        all.addAll(Set.of(topics));
        this.topics = all;
    }

    /** Whether a step that measures by this is practised by this work. */
    public boolean isMeasuredBy(Measure measure, Topic asked) {
        return switch (measure.kind()) {
            case DISTANCE -> this == EXPOSURE && Trigger.valueOf(measure.about()).topic() == asked;
            case NOISE -> this == EXPOSURE && Trigger.NOISE.topic() == asked;
            case ALONE -> this == DEPARTURE;
            case ZONE -> this == TOUCH;
            case SITTING -> this == WATCHING;
            case WALK -> this == WALK;
        };
    }

    /** Whether it belongs to what a track is about: then the owner's first page has it in sight. */
    public boolean belongsTo(Topic topic) {
        return switch (this) {
            case STEP -> false;
            case EXPOSURE -> Stream.of(Trigger.values()).anyMatch(t -> t.topic() == topic);
            case WATCHING, WALK, DEPARTURE, TOUCH -> topics.contains(topic);
        };
    }

    /**
     * What it is about.
     *
     * @param asked the topic of the track, or of what is met; work that is always about the same leaves it aside
     */
    public Set<Topic> topics(Topic asked) {
        return topics.isEmpty() ? EnumSet.of(asked) : EnumSet.copyOf(topics);
    }
}

package cahier.core.rest;

import cahier.core.decide.Cause;
import cahier.core.decide.TrackKind;
import cahier.core.gate.RedFlag;
import cahier.core.gate.Topic;
import java.util.EnumSet;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/**
 * All that decides whether something is practised (docs/rules.md 38). Begin with {@link #ofStep} or {@link #beside} and add what holds.
 *
 * @param topic of the track, or of what is met
 * @param flags red flags that stand on the dog
 * @param open cause of the suggestion that is open and stays open until the trainer answers; beside tracks, that of a track of the same topic
 * @param rested whether the trainer has rested the track; beside tracks, one of the same topic
 * @param unmetNeeds steps of other tracks that must be passed first, 0 or more
 * @param hot whether it is outdoors and the hour is too hot
 * @param asked 0-based index of the step on the sheet, or of the step the dog stands on where none is out; 0 beside tracks
 * @param standing 0-based index of the step the dog stands on; the number of steps when the goal is reached; 0 beside tracks
 */
public record Situation(Work work, Topic topic, TrackKind kind, Set<RedFlag> flags, boolean alarmOpen, Optional<Cause> open, boolean rested, boolean parked,
                        int unmetNeeds, boolean stoppedToday, boolean hot, Handler handler, int asked, int standing) {

    public Situation {
        Objects.requireNonNull(work, "work");
        Objects.requireNonNull(topic, "topic");
        Objects.requireNonNull(kind, "kind");
        Objects.requireNonNull(open, "open");
        Objects.requireNonNull(handler, "handler");
        EnumSet<RedFlag> copy = EnumSet.noneOf(RedFlag.class);
        copy.addAll(flags);
        flags = Set.copyOf(copy);
        if (unmetNeeds < 0) {
            throw new IllegalArgumentException("unmetNeeds must be 0 or more, was " + unmetNeeds);
        }
        if (asked < 0 || standing < 0) {
            throw new IllegalArgumentException("asked and standing must be 0 or more, were " + asked + " and " + standing);
        }
    }

    /** A step of a track of which nothing is known that keeps it from being practised. */
    public static Situation ofStep(Topic topic, TrackKind kind, int asked, int standing) {
        return new Situation(Work.STEP, topic, kind, Set.of(), false, Optional.empty(), false, false, 0, false, false, Handler.ANYONE, asked, standing);
    }

    /** Work beside the tracks, always of the careful kind. */
    public static Situation beside(Work work, Topic topic) {
        return new Situation(work, topic, TrackKind.COMFORT, Set.of(), false, Optional.empty(), false, false, 0, false, false, Handler.ANYONE, 0, 0);
    }

    /** The same of a dog with these flags and an alarm or none. */
    public Situation ofDog(Set<RedFlag> standing, boolean alarm) {
        return new Situation(work, topic, kind, standing, alarm, open, rested, parked, unmetNeeds, stoppedToday, hot, handler, asked, this.standing);
    }

    /** The same as the trainer left it: the cause of what is open, and whether it was rested. */
    public Situation decided(Optional<Cause> stillOpen, boolean restedByTrainer) {
        return new Situation(work, topic, kind, flags, alarmOpen, stillOpen, restedByTrainer, parked, unmetNeeds, stoppedToday, hot, handler, asked, standing);
    }

    /** The same, put off by the roadmap. */
    public Situation putOff(boolean parkedNow, int needs) {
        return new Situation(work, topic, kind, flags, alarmOpen, open, rested, parkedNow, needs, stoppedToday, hot, handler, asked, standing);
    }

    /** The same at an hour of a day. */
    public Situation today(boolean stopped, boolean tooHot) {
        return new Situation(work, topic, kind, flags, alarmOpen, open, rested, parked, unmetNeeds, stopped, tooHot, handler, asked, standing);
    }

    /** The same with somebody. */
    public Situation by(Handler who) {
        return new Situation(work, topic, kind, flags, alarmOpen, open, rested, parked, unmetNeeds, stoppedToday, hot, who, asked, standing);
    }

    /** The flags that shut what this is about, in the order of their seriousness. */
    public Set<RedFlag> shutBy() {
        EnumSet<RedFlag> shut = EnumSet.noneOf(RedFlag.class);
        flags.stream().filter(f -> work.topics(topic).stream().anyMatch(f::shuts)).forEach(shut::add);
        return shut;
    }

    /** Whether nobody under 16 does it: where fear is worked on, and with any dog that has a red flag about people. */
    public boolean isForGrownUps() {
        boolean fear = kind == TrackKind.COMFORT && topic != Topic.EVERYDAY && topic != Topic.BODY && topic != Topic.ITEMS;
        return work != Work.STEP || fear || topic == Topic.HANDLING || flags.stream().anyMatch(f -> f.shuts(Topic.PEOPLE));
    }
}

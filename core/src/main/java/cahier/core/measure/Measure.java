package cahier.core.measure;

import cahier.core.exposure.PlaceByPlace;
import cahier.core.exposure.Trigger;
import cahier.core.handling.Zone;
import cahier.core.rep.Rep;
import java.util.Objects;
import java.util.Optional;

/**
 * What a step measures, and where it ends (docs/rules.md 39). Where the dog works now is no part of it: that is read from what was logged.
 *
 * @param about the trigger of a distance, the loudness from 1 to 5 a noise is to reach, the zone the hand is to reach, the places of a walk that goes place by place, one a line; empty for the others
 * @param goal metres of a distance or a noise, seconds of time alone, minutes of a sitting, paces of a walk or how many places it has; above 0, of a zone always 1
 * @param cueCounts whether an answer at the cue is CLEAN; else it is HELPED
 */
public record Measure(Kind kind, String about, double goal, boolean cueCounts) {

    /** Loudest, as loud as it gets. */
    public static final int LOUDEST = 5;

    /** By what a step is measured. */
    public enum Kind {
        /** How near a trigger may be, in metres. */
        DISTANCE(1000),
        /** How near and how loud a noise may be, in metres. */
        NOISE(1000),
        /** How long the dog is alone, in seconds. */
        ALONE(43_200),
        /** Which part of the body the hand may touch. */
        ZONE(1),
        /** How long the dog watches the world pass, in minutes. */
        SITTING(180),
        /** How far from the door the dog is calm, in paces, or place by place. */
        WALK(20_000);

        private final double most;

        Kind(double most) {
            this.most = most;
        }

        /** The largest goal. */
        public double most() {
            return most;
        }

        /** Whether less is better. */
        public boolean isNearer() {
            return this == DISTANCE || this == NOISE;
        }
    }

    public Measure {
        Objects.requireNonNull(kind, "kind");
        about = about == null ? "" : about;
        if (!(goal > 0 && goal <= kind.most())) {
            throw new IllegalArgumentException("goal must be above 0 and at most " + kind.most() + ", was " + goal);
        }
        switch (kind) {
            case DISTANCE -> Trigger.valueOf(about);
            case ZONE -> Zone.valueOf(about);
            case NOISE -> loudness(about);
            case WALK -> {
                if (!about.isEmpty() && goal != new PlaceByPlace(about.lines().toList()).places().size()) {
                    throw new IllegalArgumentException("goal must be the number of places of a walk that goes place by place, was " + goal);
                }
            }
            default -> {
                if (!about.isEmpty()) {
                    throw new IllegalArgumentException("about must be empty for " + kind + ", was " + about);
                }
            }
        }
    }

    /** The same with another goal. */
    public Measure to(double other) {
        return new Measure(kind, about, other, cueCounts);
    }

    /** The same about something else: another zone. */
    public Measure about(String other) {
        return new Measure(kind, other, goal, cueCounts);
    }

    /** Whether what is logged about this belongs to the step: any zone and any loudness does, another trigger does not, nor does a walk by paces to one that goes place by place. */
    public boolean takes(Kind logged, String loggedAbout) {
        return kind == logged && switch (kind) {
            case DISTANCE -> about.equals(loggedAbout);
            case WALK -> about.isEmpty() == loggedAbout.isEmpty();
            default -> true;
        };
    }

    /** Whether the values of the other say the same here: what was measured by another kind, or along another way, is no evidence. */
    public boolean isOfOneUnit(Measure other) {
        return kind == other.kind && (kind != Kind.WALK || about.equals(other.about)) && (kind != Kind.DISTANCE || about.equals(other.about));
    }

    /** The places of a walk that goes place by place; empty for everything else. */
    public Optional<PlaceByPlace> placeByPlace() {
        return kind == Kind.WALK && !about.isEmpty() ? Optional.of(new PlaceByPlace(about.lines().toList())) : Optional.empty();
    }

    /** Whether a rep is CLEAN at the goal or beyond. */
    public boolean isReachedBy(Rep rep) {
        if (!rep.isClean()) {
            return false;
        }
        return switch (kind) {
            case ZONE -> rep.level().equals(about);
            case NOISE -> !rep.level().isEmpty() && loudness(rep.level()) >= loudness(about) && rep.value().orElse(Double.MAX_VALUE) <= goal;
            case DISTANCE -> rep.value().orElse(Double.MAX_VALUE) <= goal;
            case ALONE, SITTING, WALK -> rep.value().orElse(0) >= goal;
        };
    }

    static int loudness(String level) {
        if (!level.matches("[1-5]")) {
            throw new IllegalArgumentException("loudness must be from 1 to " + LOUDEST + ", was " + level);
        }
        return Integer.parseInt(level);
    }
}

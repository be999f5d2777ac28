package cahier.core.week;

import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A week as it was planned.
 *
 * @param sessions earliest first
 * @param unmet what found no time, in the trainer's order of tracks
 * @param score the three sums by which plans compare, hard, medium and soft, each 0 or below
 */
public record WeekPlan(List<Slot> sessions, List<Unmet> unmet, List<Integer> score) {

    public WeekPlan {
        sessions = List.copyOf(sessions);
        unmet = List.copyOf(unmet);
        score = List.copyOf(score);
    }

    /**
     * What one dog practises in one go.
     *
     * @param start minute of the week
     * @param tracks in the trainer's order
     * @param pinned whether somebody wants it exactly there
     * @param broken rules that it breaks, which only a pinned one does
     */
    public record Slot(long dogId, long personId, int start, int minutes, List<Long> tracks, boolean pinned, Set<WeekRule> broken) {

        public Slot {
            tracks = List.copyOf(tracks);
            broken = Set.copyOf(broken);
        }
    }

    /** Why sessions found no time: the first that holds. */
    public enum Why {
        /** Nobody is free for so long on enough days. */
        NO_TIME,
        /** Nobody else is there while somebody is free. */
        NO_COMPANY,
        /** Only children are free. */
        NO_ADULT,
        /** It is 24 °C or more whenever there is time. */
        HEAT,
        /** The household's minutes a day are full. */
        MINUTES,
        /** The free hours are taken by the other sessions and the rest between them. */
        CROWDED
    }

    /**
     * Sessions of a track that found no time.
     *
     * @param missing how many of {@code wanted}
     * @param instead the earliest minute at which only this is missing; empty where there is none such
     */
    public record Unmet(long trackId, int missing, int wanted, Why why, Optional<Integer> instead) {
    }
}

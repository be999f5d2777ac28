package cahier.core.lesson;

import cahier.core.decide.Decision;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;

/**
 * What an hour holds (docs/rules.md 19). Arrival, log and close are fixed; blocks, own practice and the fixed minutes add up to the lesson.
 *
 * @param blocks tracks in the order in which they are worked, with their minutes
 * @param ownPractice minutes for the owner's own practice
 * @param carriedOver tracks for which there was no time, in the same order
 */
public record Agenda(List<Block> blocks, int ownPractice, List<String> carriedOver) {

    public static final int ARRIVE = 5;
    public static final int LOG = 5;
    public static final int CLOSE = 10;
    public static final int SHORTEST = 30;
    private static final int COLD_CHECK = 4;
    private static final int PERSON_GAP = 4;

    /**
     * A track that wants some of the hour.
     *
     * @param personGap whether a person gap is open
     */
    public record Wish(String track, Decision decision, boolean personGap) {

        public Wish {
            Objects.requireNonNull(track, "track");
            Objects.requireNonNull(decision, "decision");
        }

        int minutes() {
            return COLD_CHECK + (personGap ? PERSON_GAP : 0) + switch (decision) {
                case CALL -> 10;
                case SPLIT, UP -> 8;
                case BACK -> 6;
                case REFRESH -> 4;
                case DONE -> 2;
                case STAY -> 0;
            };
        }

        private int rank() {
            return switch (decision) {
                case CALL -> 0;
                case BACK -> 1;
                case SPLIT -> 2;
                case UP -> 3;
                case DONE -> 4;
                case REFRESH -> 5;
                case STAY -> 6;
            };
        }
    }

    /** Minutes for one track. */
    public record Block(String track, int minutes) {
    }

    public Agenda {
        blocks = List.copyOf(blocks);
        carriedOver = List.copyOf(carriedOver);
    }

    /**
     * @param minutes of the lesson, 30 or more
     * @param inTrainersOrder the tracks as the trainer has them
     */
    public static Agenda of(int minutes, List<Wish> inTrainersOrder) {
        if (minutes < SHORTEST) {
            throw new IllegalArgumentException("minutes must be " + SHORTEST + " or more, was " + minutes);
        }
        List<Wish> order = inTrainersOrder.stream().sorted(Comparator.comparingInt(Wish::rank)).toList();
        int left = minutes - ARRIVE - LOG - CLOSE;
        List<Block> blocks = new ArrayList<>();
        List<String> carriedOver = new ArrayList<>();
        for (Wish wish : order) {
            boolean takesWhatIsLeft = wish.equals(order.get(0)) || wish.decision() == Decision.CALL;
            int given = wish.minutes() <= left ? wish.minutes() : takesWhatIsLeft ? left : 0;
            if (given > 0) {
                blocks.add(new Block(wish.track(), given));
                left -= given;
            } else {
                carriedOver.add(wish.track());
            }
        }
        if (!blocks.isEmpty()) {
            Block first = blocks.get(0);
            int more = Math.min(left, first.minutes() / 2);
            blocks.set(0, new Block(first.track(), first.minutes() + more));
            left -= more;
        }
        return new Agenda(blocks, left, carriedOver);
    }
}

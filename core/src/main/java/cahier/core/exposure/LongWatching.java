package cahier.core.exposure;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * One sitting in one place while the world passes, in blocks of a quarter of an hour (docs/rules.md 9, 26).
 *
 * @param blocks from the first on; the last may have begun only
 */
public record LongWatching(List<Block> blocks) {

    /** Minutes of a block. */
    public static final int BLOCK_MIN = 15;
    /** Sooner than this many minutes the traffic says nothing. */
    public static final int ENOUGH_MIN = 10;
    private static final int THIRDS = 3;
    private static final int ENOUGH_REACTED = 2;

    /** What was seen at a moment. */
    public enum Seen {
        /** Something passed and the dog stayed calm. */
        CALM,
        /** Something passed and it did not. */
        REACTED,
        /** It took a piece. */
        ATE,
        /** It would not eat. */
        REFUSED
    }

    /** What to do while it goes on. */
    public enum Advice {
        /** Nothing to say. */
        NONE,
        /** The last two that passed were too much. */
        FURTHER_OFF,
        /** It reacted twice: enough for today, where that is not the school of long watching. */
        ENOUGH,
        /** It does not eat here ({@link #isTooMuch}). */
        QUIETER,
        /** Too many pass ({@link Traffic#TOO_BUSY}). */
        TOO_BUSY,
        /** Too few pass ({@link Traffic#TOO_EMPTY}). */
        TOO_EMPTY
    }

    /**
     * A moment of the sitting.
     *
     * @param second since it began, 0 or more
     */
    public record Moment(int second, Seen seen) {

        public Moment {
            if (second < 0) {
                throw new IllegalArgumentException("second must be 0 or more, was " + second);
            }
        }
    }

    /** One quarter of an hour, counted. */
    public record Block(int calm, int reacted, int ate, int refused) {

        /** How many passed, 0 or more. */
        public int passed() {
            return calm + reacted;
        }

        /** The share of what passed that it stayed calm at; nothing when nothing passed. */
        OptionalDouble calmShare() {
            return passed() == 0 ? OptionalDouble.empty() : OptionalDouble.of((double) calm / passed());
        }

        /** The share of offers it took; nothing when none was noted. */
        OptionalDouble foodShare() {
            return ate + refused == 0 ? OptionalDouble.empty() : OptionalDouble.of((double) ate / (ate + refused));
        }

        private Block with(Seen seen) {
            return switch (seen) {
                case CALM -> new Block(calm + 1, reacted, ate, refused);
                case REACTED -> new Block(calm, reacted + 1, ate, refused);
                case ATE -> new Block(calm, reacted, ate + 1, refused);
                case REFUSED -> new Block(calm, reacted, ate, refused + 1);
            };
        }
    }

    public LongWatching {
        blocks = List.copyOf(blocks);
    }

    /**
     * Counts the moments into blocks.
     *
     * @param moments in any order
     * @param seconds how long it has gone on, at least to the last moment
     */
    public static LongWatching of(List<Moment> moments, int seconds) {
        int last = moments.stream().mapToInt(Moment::second).max().orElse(0);
        if (seconds < last) {
            throw new IllegalArgumentException("seconds must reach the last moment, " + last + ", was " + seconds);
        }
        int length = BLOCK_MIN * 60;
        int count = Math.max(last / length + 1, (seconds + length - 1) / length);
        List<Block> blocks = new ArrayList<>();
        for (int b = 0; b < count; b++) {
            Block block = new Block(0, 0, 0, 0);
            for (Moment m : moments) {
                if (m.second() / length == b) {
                    block = block.with(m.seen());
                }
            }
            blocks.add(block);
        }
        return new LongWatching(blocks);
    }

    /**
     * The mean calm share of the last third of blocks less that of the first: above 0 it became calmer.
     * Blocks in which nothing passed have no share and are left out; nothing when fewer than two are left.
     */
    public OptionalDouble trend() {
        List<Double> shares = blocks.stream().map(Block::calmShare).filter(OptionalDouble::isPresent).map(OptionalDouble::getAsDouble).toList();
        if (shares.size() < 2) {
            return OptionalDouble.empty();
        }
        int third = Math.max(1, shares.size() / THIRDS);
        return OptionalDouble.of(mean(shares.subList(shares.size() - third, shares.size())) - mean(shares.subList(0, third)));
    }

    private static double mean(List<Double> shares) {
        return shares.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
    }

    /** Whether it has not eaten for a whole block after the first, though food was offered: a quieter place is chosen then. */
    public boolean isTooMuch() {
        return blocks.stream().skip(1).anyMatch(b -> b.refused() > 0 && b.ate() == 0);
    }

    /**
     * What to do now, the weightiest only (docs/rules.md 9, 26). The phone says the same without signal, held to the same worked cases.
     *
     * @param moments in the order of time
     * @param seconds how long it has gone on, at least to the last moment
     * @param expected whether reactions are expected: the school of long watching
     */
    public static Advice advice(List<Moment> moments, int seconds, boolean expected) {
        List<Seen> passed = moments.stream().map(Moment::seen).filter(s -> s == Seen.CALM || s == Seen.REACTED).toList();
        int n = passed.size();
        if (n > 1 && passed.get(n - 1) == Seen.REACTED && passed.get(n - 2) == Seen.REACTED) {
            return Advice.FURTHER_OFF;
        }
        if (!expected && passed.stream().filter(s -> s == Seen.REACTED).count() >= ENOUGH_REACTED) {
            return Advice.ENOUGH;
        }
        if (of(moments, seconds).isTooMuch()) {
            return Advice.QUIETER;
        }
        if (seconds < ENOUGH_MIN * 60) {
            return Advice.NONE;
        }
        return switch (Traffic.of(n, seconds / 60.0)) {
            case TOO_BUSY -> Advice.TOO_BUSY;
            case TOO_EMPTY -> Advice.TOO_EMPTY;
            case SUITS -> Advice.NONE;
        };
    }
}

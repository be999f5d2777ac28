package cahier.core.lesson;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;

/**
 * An agenda while the lesson runs (docs/rules.md 19): what is at hand, how late it is, and how its minutes shift. They always add up to what they were; the owners' own practice
 * gives and takes. The trainer's phone does the same without signal, held to the same worked cases.
 *
 * @param blocks in order, one at least
 * @param at which is at hand, 0-based
 */
public record Hour(List<Block> blocks, int at) {

    /** The title of the owners' own practice. */
    public static final String OWN = "They practise, you watch";

    /**
     * A part of it.
     *
     * @param minutes 0 or more
     * @param track whether a track is worked in it: it can be dropped
     */
    public record Block(String title, int minutes, boolean track) {

        public Block {
            if (minutes < 0) {
                throw new IllegalArgumentException("minutes must be 0 or more, was " + minutes);
            }
        }

        boolean isOwn() {
            return title.equals(OWN);
        }

        Block with(int other) {
            return new Block(title, other, track);
        }
    }

    /**
     * What being late means for the rest.
     *
     * @param minutes over what was planned for what is at hand; 0 while there is time
     * @param fromOwn so many of them the owners' own practice ahead can give
     * @param drop tracks ahead that would have to go for the others, the last first; empty where own practice gives enough
     */
    public record Late(int minutes, int fromOwn, List<String> drop) {
    }

    public Hour {
        blocks = List.copyOf(blocks);
        if (blocks.isEmpty() || at < 0 || at >= blocks.size()) {
            throw new IllegalArgumentException("at must be one of " + blocks.size() + " blocks, was " + at);
        }
    }

    /** Minutes left of what is at hand; below 0 it is over. */
    public int left(int elapsed) {
        return IntStream.rangeClosed(0, at).map(i -> blocks.get(i).minutes()).sum() - elapsed;
    }

    /** How late it is after so many minutes. */
    public Late late(int elapsed) {
        int minutes = Math.max(0, -left(elapsed));
        int own = IntStream.range(at + 1, blocks.size()).filter(i -> blocks.get(i).isOwn()).map(i -> blocks.get(i).minutes()).sum();
        int fromOwn = Math.min(minutes, own);
        List<String> drop = new ArrayList<>();
        int lacking = minutes - fromOwn;
        for (int i = blocks.size() - 1; i > at && lacking > 0; i--) {
            if (blocks.get(i).track()) {
                drop.add(blocks.get(i).title());
                lacking -= blocks.get(i).minutes();
            }
        }
        return new Late(minutes, fromOwn, drop);
    }

    /** One block longer or shorter, at least a minute: own practice gives what it has, and takes what is freed. Itself it cannot be drawn. */
    public Hour resized(int block, int minutes) {
        if (blocks.get(block).isOwn()) {
            return this;
        }
        Hour with = withOwn();
        int own = with.own();
        int which = block + (with.blocks.size() > blocks.size() && own <= block ? 1 : 0);
        int was = with.blocks.get(which).minutes();
        int now = Math.max(1, Math.min(minutes, was + with.blocks.get(own).minutes()));
        List<Block> changed = new ArrayList<>(with.blocks);
        changed.set(which, changed.get(which).with(now));
        changed.set(own, changed.get(own).with(changed.get(own).minutes() + was - now));
        return new Hour(changed, with.at);
    }

    /** One block elsewhere; what is at hand stays at hand. */
    public Hour moved(int from, int to) {
        List<Integer> order = new ArrayList<>(IntStream.range(0, blocks.size()).boxed().toList());
        order.add(to, order.remove(from));
        return new Hour(order.stream().map(blocks::get).toList(), order.indexOf(at));
    }

    /** A block ahead is left out; own practice takes its minutes. */
    public Hour dropped(int block) {
        if (block <= at || blocks.get(block).isOwn()) {
            return this;
        }
        Hour with = withOwn();
        int which = block + (with.blocks.size() > blocks.size() && with.own() <= block ? 1 : 0);
        List<Block> changed = new ArrayList<>(with.blocks);
        changed.set(with.own(), changed.get(with.own()).with(changed.get(with.own()).minutes() + changed.get(which).minutes()));
        changed.remove(which);
        return new Hour(changed, with.at);
    }

    /** The plan follows the clock: what is at hand becomes as long as it took, own practice gives, and what must go is dropped. */
    public Hour caughtUp(int elapsed) {
        Late late = late(elapsed);
        Hour hour = this;
        for (String title : late.drop()) {
            int last = hour.last(title);
            hour = hour.dropped(last);
        }
        return late.minutes() == 0 ? this : hour.resized(hour.at, hour.blocks.get(hour.at).minutes() + late.minutes());
    }

    private int last(String title) {
        return IntStream.iterate(blocks.size() - 1, i -> i > at, i -> i - 1).filter(i -> blocks.get(i).track() && blocks.get(i).title().equals(title)).findFirst().orElseThrow();
    }

    private int own() {
        return IntStream.range(0, blocks.size()).filter(i -> blocks.get(i).isOwn()).findFirst().orElse(-1);
    }

    /** With a block of own practice, before the last one where there was none, but never before what is at hand. */
    private Hour withOwn() {
        if (own() >= 0) {
            return this;
        }
        List<Block> more = new ArrayList<>(blocks);
        more.add(Math.max(at + 1, blocks.size() - 1), new Block(OWN, 0, false));
        return new Hour(Collections.unmodifiableList(more), at);
    }
}

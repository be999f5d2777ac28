package cahier.app.book;

import cahier.app.food.FoodLine;
import cahier.app.language.Words;
import cahier.app.roadmap.RoadmapTrack;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What the next homework asks of a household.
 *
 * @param tracks that go on the sheet by themselves
 * @param minutes a day, when every session takes its longest
 * @param pieces a day, one a rep
 * @param out tracks that are open too and stay out
 * @param has minutes a day the household has, if it said
 * @param drop the track to leave out first when it is too much: the last in the trainer's order; empty when there is one only
 * @param food what the pieces weigh in the day of each dog whose weight is known
 */
record Load(int tracks, int minutes, int pieces, long out, @Nullable Integer has, String drop, List<FoodLine> food) {

    /**
     * @param ways every track of the household, those of {@code next} among them
     * @param fed reckons the food of so many pieces a day by the dog's name
     */
    static Load of(List<RoadmapTrack> next, List<RoadmapTrack> ways, @Nullable Integer has, Function<Map<String, Integer>, List<FoodLine>> fed) {
        return new Load(next.size(), next.stream().mapToInt(Load::minutes).sum(), next.stream().mapToInt(Load::pieces).sum(), ways.stream().filter(RoadmapTrack::isOpen).count() - next.size(), has,
                next.size() < 2 ? "" : next.get(next.size() - 1).track().title(), fed.apply(next.stream().collect(Collectors.toMap(w -> w.track().dogName(), Load::pieces, Integer::sum))));
    }

    /** Minutes a day that the current step of a track asks for. */
    static int minutes(RoadmapTrack way) {
        return way.roadmap().current().map(s -> s.plan().minutesADay()).orElse(0);
    }

    /** Pieces a day that it asks for, one a rep. */
    private static int pieces(RoadmapTrack way) {
        return way.roadmap().current().map(s -> s.plan().piecesADay()).orElse(0);
    }

    public boolean isTooMuch() {
        return has != null && minutes > has;
    }

    /** "The next homework takes up to 46 min and 40 treats a day. They have 25 min: leave out “Heel” first. 1 more open track stays out." */
    public String words() {
        String takes = has == null ? Words.say("load.fits", minutes, pieces) : isTooMuch() && !drop.isEmpty() ? Words.say("load.too-much", minutes, pieces, has, drop) : Words.say("load.has", minutes, pieces, has);
        return out == 0 ? takes : takes + " " + Words.say("load.out", out);
    }
}

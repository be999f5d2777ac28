package cahier.app.household;

import cahier.app.language.Words;
import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Where practice happens.
 *
 * @param difficulty 0 easiest to 5 hardest, as the trainer sees it
 * @param surface say "tiles"
 * @param passers who passes, say "lift, neighbours"
 * @param enclosed whether a dog off lead stays in
 * @param signal whether a phone has signal there
 * @param outdoors whether the heat of the day matters there
 * @param busy when it is busy, as {@link Hours} writes it; empty when nobody said
 */
public record Place(long id, String name, int difficulty, String surface, String passers, boolean enclosed, boolean signal, String note,
                    boolean outdoors, String busy, int version) {

    /** A place of which only the name and the difficulty are known. */
    public static Place named(String name, int difficulty) {
        return new Place(0, name, difficulty, "", "", false, true, "", HomeKind.isOutdoors(name), "", 0);
    }

    /** The same, busy at these hours too. */
    public Place busyToo(Hours more) {
        Hours all = Hours.parse(busy.isEmpty() ? more.words() : busy + "; " + more.words());
        return new Place(id, name, difficulty, surface, passers, enclosed, signal, note, outdoors, Hours.parse(all.words()).words(), version);
    }

    /** Whether it is known as busy all through an hour of every day. */
    public boolean isBusyDailyAt(int hour) {
        List<Hours.Slot> slots = Hours.parse(busy).slots();
        return Arrays.stream(DayOfWeek.values()).allMatch(d -> slots.stream().anyMatch(s -> s.day() == d && s.from() <= 60 * hour && s.to() >= 60 * (hour + 1)));
    }

    /** "Difficulty 3, tiles, lift, neighbours, enclosed, no signal." */
    public String described() {
        List<String> parts = new ArrayList<>(List.of(Words.say("household.Place.difficulty", difficulty), surface, passers, enclosed ? "enclosed" : "", signal ? "" : Words.say("household.Place.no-signal"), outdoors ? "outdoors" : "", busy.isEmpty() ? "" : Words.say("household.Place.busy", busy)));
        parts.removeIf(String::isEmpty);
        return String.join(", ", parts) + ".";
    }
}

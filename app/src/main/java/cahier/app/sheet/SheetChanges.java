package cahier.app.sheet;

import cahier.app.language.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** In what two sheets differ, a sentence for each track. */
final class SheetChanges {

    private SheetChanges() {
    }

    /**
     * A sentence for each track.
     *
     * @param out the sheet that is out; none before the first
     * @param silent tracks of which nothing is said
     */
    static List<String> between(Optional<Homework> out, List<SheetItem> items, List<SheetRest> rests, Set<Long> silent) {
        if (out.isEmpty()) {
            return List.of();
        }
        Map<Long, SheetItem> before = worked(out.get().items()).collect(Collectors.toMap(SheetItem::trackId, Function.identity(), (a, b) -> a));
        Map<Long, SheetRest> restedBefore = out.get().rests().stream().collect(Collectors.toMap(SheetRest::trackId, Function.identity(), (a, b) -> a));
        Set<Long> resting = rests.stream().map(SheetRest::trackId).collect(Collectors.toSet());
        List<String> changes = new ArrayList<>();
        for (SheetItem item : worked(items).toList()) {
            SheetItem old = before.get(item.trackId());
            if (old == null) {
                changes.add(item.trackTitle() + (restedBefore.containsKey(item.trackId()) ? Words.say("sheet.SheetChanges.rests-there-step-here", item.number()) : Words.say("sheet.SheetChanges.new-step", item.number())));
            } else if (old.number() != item.number() || old.stepId() != item.stepId()) {
                changes.add(Words.say("sheet.SheetChanges.step-there-here", item.trackTitle(), old.number(), item.number()));
            } else if (!old.plan().equals(item.plan()) || !old.note().equals(item.note())) {
                changes.add(Words.say("sheet.SheetChanges.step-was-changed-since", item.trackTitle(), item.number()));
            }
        }
        rests.stream().filter(r -> !restedBefore.containsKey(r.trackId())).forEach(r -> changes.add(Words.say("sheet.SheetChanges.rests-here", r.trackTitle())));
        Set<Long> now = worked(items).map(SheetItem::trackId).collect(Collectors.toSet());
        before.values().stream().filter(i -> !now.contains(i.trackId()) && !resting.contains(i.trackId()) && !silent.contains(i.trackId())).forEach(i -> changes.add(Words.say("sheet.SheetChanges.no-longer-on-it", i.trackTitle())));
        return changes;
    }

    /** A cold rep of the upkeep comes and goes by its day: it is no change of plan. */
    private static Stream<SheetItem> worked(List<SheetItem> items) {
        return items.stream().filter(i -> !i.forUpkeep());
    }
}

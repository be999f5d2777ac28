package cahier.core.roadmap;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The graph of what must come first (docs/rules.md 33): every step needs the step before it, and what a {@link Need} says.
 *
 * @param needs across tracks, or within one
 */
public record Prerequisites(List<Need> needs) {

    public Prerequisites {
        needs = List.copyOf(needs);
    }

    /** A way round that comes back to where it began, the stops in order and the first one again at the end; empty when all can be done. */
    public Optional<List<Stop>> cycle() {
        Set<Stop> safe = new HashSet<>();
        for (Need need : needs) {
            List<Stop> found = follow(need.from(), new ArrayList<>(), safe);
            if (!found.isEmpty()) {
                return Optional.of(turns(found));
            }
        }
        return Optional.empty();
    }

    private List<Stop> follow(Stop at, List<Stop> path, Set<Stop> safe) {
        int before = path.indexOf(at);
        if (before >= 0) {
            return path.subList(before, path.size());
        }
        if (safe.contains(at)) {
            return List.of();
        }
        path.add(at);
        for (Stop first : (Iterable<Stop>) before(at)::iterator) {
            List<Stop> found = follow(first, path, safe);
            if (!found.isEmpty()) {
                return found;
            }
        }
        path.remove(path.size() - 1);
        safe.add(at);
        return List.of();
    }

    private Stream<Stop> before(Stop at) {
        Stream<Stop> needed = needs.stream().filter(n -> n.from().equals(at)).map(Need::first);
        return at.step() == 0 ? needed : Stream.concat(needed, Stream.of(new Stop(at.track(), at.step() - 1)));
    }

    /** Only the stops at which a need is followed: the steps in between go without saying. */
    private List<Stop> turns(List<Stop> round) {
        List<Stop> turns = new ArrayList<>();
        for (int i = 0; i < round.size(); i++) {
            Stop at = round.get(i);
            Stop next = round.get((i + 1) % round.size());
            if (needs.contains(new Need(at, next))) {
                turns.add(at);
                turns.add(next);
            }
        }
        List<Stop> once = new ArrayList<>();
        turns.stream().filter(s -> once.isEmpty() || !once.get(once.size() - 1).equals(s)).forEach(once::add);
        if (once.size() == 1 || !once.get(0).equals(once.get(once.size() - 1))) {
            once.add(once.get(0));
        }
        return List.copyOf(once);
    }

    /**
     * What keeps a dog from working a step now.
     *
     * @param at the step
     * @param passed how many steps of each track are passed, from its first; a track that is missing has none
     */
    public List<Need> unmet(Stop at, Map<Long, Integer> passed) {
        return needs.stream().filter(n -> n.from().track() == at.track() && n.from().step() <= at.step())
                .filter(n -> passed.getOrDefault(n.first().track(), 0) <= n.first().step()).toList();
    }
}

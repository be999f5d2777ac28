package cahier.core.week;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** Says why sessions were left out: which need, taken after the others, leaves too few days. */
final class Unmets {

    private record Need(WeekPlan.Why why, Predicate<Opening> met) {
    }

    private final Week week;
    private final List<Opening> openings;

    Unmets(Week week, List<Opening> openings) {
        this.week = week;
        this.openings = openings;
    }

    List<WeekPlan.Unmet> of(List<TrackSession> exercises) {
        List<WeekPlan.Unmet> unmet = new ArrayList<>();
        Map<Long, List<TrackSession>> byTrack = exercises.stream().collect(Collectors.groupingBy(TrackSession::trackId));
        for (Dose dose : week.doses()) {
            List<TrackSession> all = byTrack.getOrDefault(dose.trackId(), List.of());
            int wanted = Shares.asked(dose, openings);
            int missing = wanted - (int) all.stream().filter(TrackSession::isPlanned).count();
            if (missing > 0) {
                unmet.add(unmet(dose, missing, wanted, all.size()));
            }
        }
        return unmet;
    }

    /** @param sought sessions that the minutes a day allowed */
    private WeekPlan.Unmet unmet(Dose dose, int missing, int wanted, int sought) {
        List<Need> needs = List.of(new Need(WeekPlan.Why.NO_TIME, o -> o.free() >= dose.minutes()), new Need(WeekPlan.Why.NO_COMPANY, o -> o.with(dose.company()) >= dose.minutes()),
                new Need(WeekPlan.Why.NO_ADULT, o -> o.adult(dose) >= dose.minutes()), new Need(WeekPlan.Why.HEAT, o -> !dose.outdoors() || o.cool() >= dose.minutes()));
        List<Opening> left = openings;
        for (Need need : needs) {
            List<Opening> before = left;
            left = before.stream().filter(need.met()).toList();
            if (Room.of(dose, left) < sought) {
                Optional<Integer> instead = before.stream().filter(need.met().negate()).filter(o -> needs.stream().allMatch(n -> n.equals(need) || n.met().test(o))).map(Opening::start).min(Integer::compare);
                return new WeekPlan.Unmet(dose.trackId(), missing, wanted, need.why(), instead);
            }
        }
        return new WeekPlan.Unmet(dose.trackId(), missing, wanted, wanted > sought ? WeekPlan.Why.MINUTES : WeekPlan.Why.CROWDED, Optional.empty());
    }
}

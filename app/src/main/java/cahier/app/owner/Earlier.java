package cahier.app.owner;

import cahier.app.draw.Glyph;
import cahier.app.household.Household;
import cahier.app.log.KeptRep;
import cahier.app.track.TrackSteps;
import cahier.app.web.Dates;
import cahier.core.rep.Outcome;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** A sitting of the last days, as its owner may still correct it. */
record Earlier(String title, String dog, String when, List<KeptRep> reps) {

    /** "5 clean, 1 missed". */
    public String words() {
        return Arrays.stream(Outcome.values()).filter(o -> count(o) > 0).map(o -> count(o) + " " + Glyph.of(o).getLabel().toLowerCase(Locale.ROOT)).collect(Collectors.joining(", "));
    }

    private long count(Outcome outcome) {
        return reps.stream().filter(r -> r.outcome() == outcome).count();
    }

    static Earlier of(Household household, TrackSteps map, List<KeptRep> reps, Instant now) {
        return new Earlier(map.track().title(), map.track().dogName(), Dates.moment(reps.get(0).happenedAt(), household.zone(), now.atZone(household.zone()).toLocalDate()), List.copyOf(reps));
    }
}

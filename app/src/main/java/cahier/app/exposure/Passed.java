package cahier.app.exposure;

import cahier.app.outing.Seat;
import cahier.app.outing.WatchTap;
import cahier.core.exposure.Exposure;
import cahier.core.exposure.Response;
import cahier.core.exposure.Trigger;
import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;

/** Something that passed a dog at a known distance, met or seen from a seat: what the working distance is estimated from (docs/rules.md 9). */
record Passed(long dogId, Trigger kind, int loudness, Instant at, Exposure exposure) {

    static Passed of(Met m) {
        return new Passed(m.dogId(), m.kind(), m.loudness(), m.happenedAt(), m.exposure());
    }

    /** The taps of sittings of which the distance and what passed are known: calm counts as looking back by itself. */
    static List<Passed> of(List<Seat> seats) {
        return seats.stream().flatMap(s -> {
            Double metres = s.watching().metres();
            return metres == null ? Stream.<Passed>empty() : s.taps().stream().filter(t -> t.isPassing() && t.kind() != null).map(t -> new Passed(s.watching().dogId(), t.kind(), 0, t.happenedAt(),
                    new Exposure(metres, t.seen() == WatchTap.What.CALM ? Response.UNPROMPTED : Response.REACTED)));
        }).toList();
    }

    boolean isOf(long dog, Threat threat) {
        return dogId == dog && kind == threat.kind() && loudness == threat.loudness();
    }
}

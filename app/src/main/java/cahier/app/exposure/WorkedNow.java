package cahier.app.exposure;

import cahier.app.language.Words;
import cahier.app.track.Adjusted;
import cahier.app.track.MeasureWords;
import cahier.app.web.Measures;
import cahier.core.exposure.Looked;
import cahier.core.exposure.Moving;
import cahier.core.exposure.NextDistance;
import cahier.core.exposure.Response;
import cahier.core.exposure.Trigger;
import cahier.core.measure.Measure;
import java.util.List;
import java.util.Optional;

/** Where a dog works by now, as a step says it that measures (docs/rules.md 9, 39). */
final class WorkedNow {

    private static final String NOT_KNOWN = "find out first how far off it stays calm";

    private WorkedNow() {
    }

    /** From where the trainer put it, moved by what was answered since. */
    static Moving moving(ExposureMapper.Place set, List<Met> met, double nearest) {
        List<Looked> looks = met.stream().filter(m -> m.kind() == set.kind() && m.loudness() == set.loudness() && m.dogId() == set.dogId())
                .map(m -> new Looked(m.happenedAt(), m.exposure(), m.happenedAt().isAfter(set.setAt()))).toList();
        return Moving.of(set.metres(), looks, set.closer(), Math.max(nearest, NextDistance.NEAREST));
    }

    static Adjusted distance(Measure measure, List<Met> met, List<ExposureMapper.Place> places) {
        Threat threat = new Threat(Trigger.valueOf(measure.about()), 0);
        return places.stream().filter(p -> p.isOf(p.dogId(), threat)).findFirst().map(p -> adjusted("", moving(p, met, measure.goal()), measure.goal(), p)).orElse(new Adjusted(null, NOT_KNOWN, NOT_KNOWN, List.of()));
    }

    /** The lowest loudness that has not come to its goal yet; louder begins as far off as the one before it did. */
    static Adjusted noise(Measure measure, List<Met> met, List<ExposureMapper.Place> places) {
        int goal = Integer.parseInt(measure.about());
        Optional<ExposureMapper.Place> before = Optional.empty();
        for (int loudness = 1; loudness <= goal; loudness++) {
            Threat threat = new Threat(Trigger.NOISE, loudness);
            Optional<ExposureMapper.Place> known = before;
            Optional<ExposureMapper.Place> set = places.stream().filter(p -> p.isOf(p.dogId(), threat)).findFirst().or(() -> known.map(b -> b.louder(threat.loudness())));
            if (set.isPresent()) {
                Moving moving = moving(set.get(), met, measure.goal());
                boolean there = moving.metres() <= measure.goal() && endsByItself(moving.since(), set.get().closer().run());
                if (!there || loudness == goal) {
                    return adjusted(MeasureWords.LOUDNESS.get(loudness - 1) + ", ", moving, measure.goal(), set.get());
                }
                before = set;
            }
        }
        return new Adjusted(null, NOT_KNOWN, NOT_KNOWN, List.of());
    }

    private static boolean endsByItself(List<Response> since, int run) {
        int n = since.size();
        return n >= run && since.subList(n - run, n).stream().allMatch(r -> r == Response.UNPROMPTED);
    }

    private static Adjusted adjusted(String loud, Moving moving, double goal, ExposureMapper.Place set) {
        return new Adjusted(moving.metres(), Words.say("exposure.WorkedNow.start-at", loud, Measures.distance(moving.metres())), Words.say("exposure.WorkedNow.start-at", loud, Measures.distance(moving.easier())), moving.way(goal, set.steps()).stream().map(Measures::distance).toList());
    }
}

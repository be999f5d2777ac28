package cahier.app.exposure;

import cahier.app.language.Words;
import cahier.app.web.Measures;
import cahier.core.exposure.Moving;
import cahier.core.exposure.NextDistance;
import cahier.core.exposure.Response;
import cahier.core.exposure.Steepness;
import cahier.core.exposure.WorkingDistance;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** What the margin and the owner's page say of a working distance. */
public final class ReadingWords {

    private ReadingWords() {
    }

    /** "Closer: 22.8 m", the verdict in words. */
    public static String verdict(Reading r) {
        if (r.moving().isEmpty()) {
            return r.proposed().isPresent() ? Words.say("exposure.ReadingWords.work-at", Measures.distance(r.proposed().getAsDouble())) : Words.say("exposure.ReadingWords.not-enough-yet");
        }
        Moving m = r.moving().get();
        if (m.look()) {
            return Words.say("exposure.ReadingWords.look-yourself");
        }
        String moved = !m.since().isEmpty() || m.last() == NextDistance.Verdict.STAY ? Words.say("exposure.ReadingWords.stay-at") : m.last() == NextDistance.Verdict.CLOSER ? "Closer: " : "Further: ";
        return moved + Measures.distance(m.metres());
    }

    /** Why, with its figures. */
    public static String why(Reading r) {
        if (r.moving().isEmpty()) {
            return estimate(r.estimate());
        }
        Moving m = r.moving().get();
        if (m.look()) {
            return Words.say("exposure.ReadingWords.many-looks-at-the-cue");
        }
        String moved = switch (m.last()) {
            case CLOSER -> Words.say("exposure.ReadingWords.looked-back-by-itself-times", (r.led().isPresent() ? "three" : "five"));
            case FURTHER -> m.because() == Response.REACTED ? "Reacted: further. " : Words.say("exposure.ReadingWords.stared-twice-running-further");
            case STAY -> "";
        };
        return Words.say("exposure.ReadingWords.by-itself-in-a-row", moved + run(m.since()), (r.led().isPresent() ? ". After every third the estimate leads closer." : Words.say("exposure.ReadingWords.bring-it-closer", r.run())));
    }

    /** What is taken for granted of how sharply dogs turn, and from where. */
    public static String turning(Steepness usual) {
        return usual.dogs() == 0 ? Words.say("exposure.ReadingWords.how-sharply-a-dog-turns")
                : Words.say("exposure.ReadingWords.how-sharply-a-dog-turns-2", usual.dogs());
    }

    private static int run(List<Response> since) {
        int run = 0;
        for (int i = since.size() - 1; i >= 0 && since.get(i) == Response.UNPROMPTED; i--) {
            run++;
        }
        return run;
    }

    /** "Calm 8 times in 10 at 18 m, 80% interval 14 m to 23 m." or why there is no estimate yet. */
    public static String estimate(WorkingDistance d) {
        if (d.curve().isPresent()) {
            WorkingDistance.Curve c = d.curve().get();
            if (c.beyond()) {
                return Words.say("exposure.ReadingWords.further-than-nothing-was-tried", rounded(c.workingMetres()));
            }
            return Words.say("exposure.ReadingWords.calm-8-times-in-10", rounded(c.workingMetres()), (c.held() ? Words.say("exposure.ReadingWords.the-nearest-calm-one") : ""), rounded(c.lowMetres()), rounded(c.highMetres()));
        }
        String nearest = d.nearestWithCalm().isPresent() ? Words.say("exposure.ReadingWords.five-calm-in-a-row", rounded(d.nearestWithCalm().getAsDouble())) : "";
        return switch (d.why().orElseThrow()) {
            case TOO_FEW -> Words.say("exposure.ReadingWords.of-the-6-that-an", d.exposures().size());
        } + nearest;
    }

    /** "24 m, 20 m, now 18 m"; empty without a past. */
    public static String trend(Reading r) {
        if (r.before().isEmpty() || r.estimate().curve().isEmpty()) {
            return "";
        }
        return Words.say("exposure.ReadingWords.four-and-two-weeks-back", r.before().stream().map(ReadingWords::rounded).collect(Collectors.joining(", ")), rounded(r.estimate().curve().get().workingMetres()));
    }

    /** "Answers the cue in 1.2 s, by itself in 0.8 s. Calm while coming 6 of 9, beside 8 of 8." Empty where nobody timed it or said. */
    public static String answers(Reading r) {
        List<String> soon = new ArrayList<>();
        r.answersIn(Response.PROMPTED).ifPresent(s -> soon.add(Words.say("exposure.ReadingWords.the-cue-in-s", Measures.plain(s, 1))));
        r.answersIn(Response.UNPROMPTED).ifPresent(s -> soon.add(Words.say("exposure.ReadingWords.by-itself-in-s", Measures.plain(s, 1))));
        String phases = r.byPhase();
        return (soon.isEmpty() ? "" : Words.say("exposure.ReadingWords.answers", String.join(", ", soon))) + (phases.isEmpty() ? "" : Words.say("exposure.ReadingWords.calm-while", phases));
    }

    /** "From where it sat: calm at 10 of 11." Empty where nothing passed at a known distance. */
    public static String fromSeats(Reading r) {
        return r.fromSeats().passed() == 0 ? "" : "From where it sat: calm at " + r.fromSeats().calm() + " of " + r.fromSeats().passed() + ".";
    }

    /** "To 5 m: 28 steps, about 340 looks and 1100 treats, if it goes on like this." Empty without a goal. */
    public static String toCome(Reading r) {
        if (r.goal().isEmpty() || r.set().isEmpty()) {
            return "";
        }
        if (r.set().getAsDouble() <= r.goal().getAsDouble()) {
            return Words.say("exposure.ReadingWords.the-goal-of-is-reached", rounded(r.goal().getAsDouble()));
        }
        return Words.say("exposure.ReadingWords.to", rounded(r.goal().getAsDouble()), r.toCome().map(c -> Words.say("exposure.ReadingWords.closer-about-looks-and-treats", c.steps(), c.looks(), c.pieces())) .orElse(Words.say("exposure.ReadingWords.no-end-in-sight-while")));
    }

    private static String rounded(double metres) {
        return Measures.distance(metres >= 10 ? Math.round(metres) : Math.round(10 * metres) / 10.0);
    }
}

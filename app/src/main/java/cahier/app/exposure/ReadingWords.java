package cahier.app.exposure;

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
            return r.proposed().isPresent() ? "Work at " + Measures.distance(r.proposed().getAsDouble()) : "Not enough yet";
        }
        Moving m = r.moving().get();
        if (m.look()) {
            return "Look yourself";
        }
        String moved = !m.since().isEmpty() || m.last() == NextDistance.Verdict.STAY ? "Stay at " : m.last() == NextDistance.Verdict.CLOSER ? "Closer: " : "Further: ";
        return moved + Measures.distance(m.metres());
    }

    /** Why, with its figures. */
    public static String why(Reading r) {
        if (r.moving().isEmpty()) {
            return estimate(r.estimate());
        }
        Moving m = r.moving().get();
        if (m.look()) {
            return "Many looks at the cue, never five by itself.";
        }
        String moved = switch (m.last()) {
            case CLOSER -> "Looked back by itself " + (r.led().isPresent() ? "three" : "five") + " times in a row: closer. ";
            case FURTHER -> m.because() == Response.REACTED ? "Reacted: further. " : "Stared twice running: further. ";
            case STAY -> "";
        };
        return moved + run(m.since()) + " by itself in a row" + (r.led().isPresent() ? ". After every third the estimate leads closer." : ", " + r.run() + " bring it closer.");
    }

    /** What is taken for granted of how sharply dogs turn, and from where. */
    public static String turning(Steepness usual) {
        return usual.dogs() == 0 ? "How sharply a dog turns is taken from made-up dogs, until five of yours have met enough."
                : "How sharply a dog turns is taken from " + usual.dogs() + " dogs of yours and what they met.";
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
                return "Further than " + rounded(c.workingMetres()) + ": nothing was tried far enough off to say how far.";
            }
            return "Calm 8 times in 10 at " + rounded(c.workingMetres()) + (c.held() ? ", the nearest calm one" : "") + "; most likely between " + rounded(c.lowMetres()) + " and " + rounded(c.highMetres()) + ".";
        }
        String nearest = d.nearestWithCalm().isPresent() ? " Five calm in a row at " + rounded(d.nearestWithCalm().getAsDouble()) + "." : "";
        return switch (d.why().orElseThrow()) {
            case TOO_FEW -> d.exposures().size() + " of the 6 that an estimate needs.";
        } + nearest;
    }

    /** "24 m, 20 m, now 18 m"; empty without a past. */
    public static String trend(Reading r) {
        if (r.before().isEmpty() || r.estimate().curve().isEmpty()) {
            return "";
        }
        return "Four and two weeks back: " + r.before().stream().map(ReadingWords::rounded).collect(Collectors.joining(", ")) + "; now " + rounded(r.estimate().curve().get().workingMetres()) + ".";
    }

    /** "Answers the cue in 1.2 s, by itself in 0.8 s. Calm while coming 6 of 9, beside 8 of 8." Empty where nobody timed it or said. */
    public static String answers(Reading r) {
        List<String> soon = new ArrayList<>();
        r.answersIn(Response.PROMPTED).ifPresent(s -> soon.add("the cue in " + Measures.plain(s, 1) + "\u00a0s"));
        r.answersIn(Response.UNPROMPTED).ifPresent(s -> soon.add("by itself in " + Measures.plain(s, 1) + "\u00a0s"));
        String phases = r.byPhase();
        return (soon.isEmpty() ? "" : "Answers " + String.join(", ", soon) + ". ") + (phases.isEmpty() ? "" : "Calm while " + phases + ".");
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
            return "The goal of " + rounded(r.goal().getAsDouble()) + " is reached.";
        }
        return "To " + rounded(r.goal().getAsDouble()) + ": " + r.toCome().map(c -> c.steps() + (c.steps() == 1 ? " step" : " steps") + " closer, about " + c.looks() + " looks and " + c.pieces() + " treats, if it goes on like this.")
                .orElse("no end in sight while it hardly looks back by itself.");
    }

    private static String rounded(double metres) {
        return Measures.distance(metres >= 10 ? Math.round(metres) : Math.round(10 * metres) / 10.0);
    }
}

package cahier.app.book;

import cahier.app.method.MethodWords;
import cahier.app.track.PassChoice;
import cahier.app.track.StepPlan;
import cahier.app.web.Check;
import cahier.app.web.Measures;
import cahier.core.decide.TrackKind;
import cahier.core.method.Harm;
import cahier.core.method.Method;
import cahier.core.method.Question;
import cahier.core.pass.Run;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** A step as it is typed. */
record StepForm(int version, @Nullable String title, @Nullable String how, @Nullable String place, @Nullable String distance,
                @Nullable String duration, @Nullable String distraction, @Nullable String who, @Nullable String lure, @Nullable String word,
                @Nullable String pass, @Nullable String run, @Nullable String reps, @Nullable String sessions, @Nullable String minutes, @Nullable String onMiss,
                @Nullable String cautions) {

    private static final int LINE = 80;
    private static final int TEXT = 400;

    /** A first step in a household's method. */
    static StepForm first(Method method) {
        StepPlan usual = new StepPlan("", "", "", null, null, "", "", false, "", PassChoice.of(method.of(Question.PASS)), Run.DEFAULT, 8, 2, 5, "", "");
        return of(0, usual);
    }

    static StepForm of(int version, StepPlan p) {
        return new StepForm(version, p.title(), p.how(), p.place(),
                p.distanceM() == null ? "" : Measures.plain(p.distanceM(), 2) + " m",
                p.durationS() == null ? "" : Measures.plain(p.durationS(), 1) + " s",
                p.distraction(), p.who(), p.lure() ? "on" : null, p.word(), p.pass().name(), Integer.toString(p.run()), Integer.toString(p.reps()),
                Integer.toString(p.sessions()), Integer.toString(p.minutes()), p.onMiss(), p.cautions());
    }

    /** @param kind on COMFORT a pass takes at least five in a row (docs/rules.md 3) */
    StepPlan read(Check check, TrackKind kind) {
        String miss = onMiss == null ? "" : onMiss;
        Harm.in(miss).ifPresent(h -> check.refuse("onMiss", MethodWords.refusal(h, h.wordIn(miss).orElse(""))));
        int fewest = kind == TrackKind.COMFORT ? Run.COMFORT_LEAST : 1;
        return new StepPlan(check.text("title", title, LINE), check.text("how", how, TEXT), check.optional("place", place, LINE),
                boxed(check.measure("distance", distance, Measures::metres)), boxed(check.measure("duration", duration, Measures::seconds)),
                check.optional("distraction", distraction, LINE), check.optional("who", who, LINE), lure != null,
                check.optional("word", word, 30), pass == null ? PassChoice.RUN : check.choice("pass", pass, PassChoice.class),
                check.whole("run", run, fewest, Run.MOST), check.whole("reps", reps, 1, 100),
                check.whole("sessions", sessions, 1, 20), check.whole("minutes", minutes, 1, 180),
                check.optional("onMiss", onMiss, TEXT), check.optional("cautions", cautions, TEXT));
    }

    private static @Nullable Double boxed(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }
}

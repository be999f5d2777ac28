package cahier.app.step;

import cahier.app.language.Words;
import cahier.app.method.MethodWords;
import cahier.app.track.Helper;
import cahier.app.track.PassChoice;
import cahier.app.track.StepPlan;
import cahier.app.track.Teaching;
import cahier.app.track.Trait;
import cahier.app.web.Check;
import cahier.app.web.Measures;
import cahier.core.decide.TrackKind;
import cahier.core.method.Harm;
import cahier.core.method.Method;
import cahier.core.method.Question;
import cahier.core.pass.Run;
import cahier.core.pass.Spread;
import cahier.core.pay.Feeding;
import cahier.core.pay.PaySheet;
import cahier.core.pay.Payoff;
import cahier.core.rep.Aid;
import cahier.core.slip.Slip;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.ToIntFunction;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A step as it is typed. */
public record StepForm(int version, @Nullable String title, @Nullable String how, @Nullable String place, @Nullable String distance,
                       @Nullable String duration, @Nullable String distraction, @Nullable String who, @Nullable String aid, @Nullable String word,
                       @Nullable String pass, @Nullable String run, @Nullable String reps, @Nullable String sessions, @Nullable String minutes,
                       @Nullable String onMiss, @Nullable String cautions, @Nullable String pay, @Nullable String equipment, @Nullable String helper,
                       @Nullable List<String> slips, @Nullable String events, @Nullable String payEvery, @Nullable List<String> payoffs, @Nullable String days, @Nullable String inSessions, @Nullable String people,
                       @Nullable String places, @Nullable String coldClean, @Nullable String coldOf, @Nullable String hands, @Nullable String items, @Nullable List<String> traits, @Nullable String measure, @Nullable String food) {

    static final String FED_ON_COMFORT = "must be every time on a comfort track: the food is what changes how it feels";

    private static final JsonMapper JSON = new JsonMapper();
    private static final int LINE = 80;
    private static final int TEXT = 400;
    private static final int EQUIPMENT = 200;
    private static final int MOST_EVENTS = 20;
    private static final int MOST_DAYS = 30;
    private static final int MOST_COLD = 10;

    /** A first step in a household's method, with the dose that is usual in the practice. */
    public static StepForm first(Method method, int reps, int sessions) {
        StepPlan usual = new StepPlan("", "", "", null, null, "", "", Aid.NONE, "", PassChoice.of(method.of(Question.PASS)), Run.DEFAULT, reps, sessions, 5, "", "", Teaching.NONE);
        return of(0, usual);
    }

    public static StepForm of(int version, StepPlan p) {
        Teaching t = p.teaching();
        return new StepForm(version, p.title(), p.how(), p.place(),
                p.distanceM() == null ? "" : Measures.plain(p.distanceM(), 2) + " m",
                p.durationS() == null ? "" : Measures.plain(p.durationS(), 1) + " s",
                p.distraction(), p.who(), p.aid().name(), p.word(), p.pass().name(), Integer.toString(p.run()), Integer.toString(p.reps()),
                Integer.toString(p.sessions()), Integer.toString(p.minutes()), p.onMiss(), p.cautions(), t.pay(), t.equipment(), t.helper().name(),
                t.slips().stream().map(Slip::name).toList(), String.join("\n", t.events()),
                t.payEveryS() == null ? "" : t.payEveryS() + " s", t.payoffs().stream().map(Payoff::name).toList(),
                asked(p, Spread::days), asked(p, Spread::sessions), asked(p, Spread::people), asked(p, Spread::places), asked(p, Spread::coldClean), asked(p, Spread::coldOf), asked(p, Spread::hands), asked(p, Spread::items), t.traits().stream().map(Trait::name).toList(), MeasureForm.write(t.measure()), t.fed().name());
    }

    /** With one field typed otherwise. */
    public StepForm with(Cell cell, String typed) {
        ObjectNode fields = JSON.valueToTree(this);
        return JSON.convertValue(fields.put(cell.field(), typed), StepForm.class);
    }

    private static String asked(StepPlan p, ToIntFunction<Spread> part) {
        return p.spread() == null ? "" : Integer.toString(part.applyAsInt(p.spread()));
    }

    /** @param kind on COMFORT a pass takes at least five in a row (docs/rules.md 3) */
    public StepPlan read(Check check, TrackKind kind) {
        refuseHarm(check, kind, "how", how);
        refuseHarm(check, kind, "onMiss", onMiss);
        int fewest = kind == TrackKind.COMFORT ? Run.COMFORT_LEAST : 1;
        PassChoice by = pass == null ? PassChoice.RUN : check.choice("pass", pass, PassChoice.class);
        int dose = check.whole("reps", reps, 1, 100);
        if (!by.fits(dose)) {
            check.refuse("reps", Words.say("step.StepForm.must-be-or-more-for", PassChoice.CALM_REPS, dose));
        }
        OptionalDouble lasts = check.measure("duration", duration, Measures::seconds);
        if (!by.fitsDuration(boxed(lasts)) && !check.isRefused("duration")) {
            check.refuse("duration", PassChoice.NEEDS_DURATION);
        }
        if (traits != null && traits.contains(Trait.ANSWER_TIMED.name()) && (lasts.isPresent() || events != null && !events.isBlank())) {
            check.refuse("traits", Words.say("step.StepForm.must-be-without-the-time"));
        }
        return new StepPlan(check.text("title", title, LINE), check.text("how", how, TEXT), check.optional("place", place, LINE),
                boxed(check.measure("distance", distance, Measures::metres)), boxed(lasts),
                check.optional("distraction", distraction, LINE), check.optional("who", who, LINE), aid == null ? Aid.NONE : check.choice("aid", aid, Aid.class),
                check.optional("word", word, 30), by, check.whole("run", run, fewest, Run.MOST), dose,
                check.whole("sessions", sessions, 1, 20), check.whole("minutes", minutes, 1, 180),
                check.optional("onMiss", onMiss, TEXT), check.optional("cautions", cautions, TEXT), teaching(check, kind), spread(check));
    }

    private Teaching teaching(Check check, TrackKind kind) {
        Feeding fed = food == null || food.isEmpty() ? Feeding.EVERY_TIME : check.choice("food", food, Feeding.class);
        if (kind == TrackKind.COMFORT && fed != Feeding.EVERY_TIME) {
            check.refuse("food", FED_ON_COMFORT);
        }
        List<Slip> codes = (slips == null ? List.<String>of() : slips).stream().map(s -> check.choice("slips", s, Slip.class)).distinct().toList();
        if (codes.size() > Slip.MOST) {
            check.refuse("slips", Words.say("step.StepForm.must-be-at-most-were", Slip.MOST, codes.size()));
        }
        List<String> chain = (events == null ? "" : events).lines().map(String::strip).filter(s -> !s.isEmpty()).toList();
        if (chain.size() > MOST_EVENTS || chain.stream().anyMatch(e -> e.length() > LINE)) {
            check.refuse("events", Words.say("step.StepForm.must-be-at-most-lines", MOST_EVENTS, LINE));
        }
        return new Teaching(check.optional("pay", pay, TEXT), check.optional("equipment", equipment, EQUIPMENT),
                helper == null ? Helper.NOBODY : check.choice("helper", helper, Helper.class), codes.stream().limit(Slip.MOST).toList(), chain,
                payEvery(check), payoffs(check), (traits == null ? List.<String>of() : traits).stream().map(t -> check.choice("traits", t, Trait.class)).toList(), MeasureForm.read(check, measure), fed == Feeding.EVERY_TIME ? null : fed);
    }

    /** None when nothing was typed: what is usual for the kind. Zeros are a choice too: no spread at all. */
    private @Nullable Spread spread(Check check) {
        if (Stream.of(days, inSessions, people, places, coldClean, coldOf, hands, items).allMatch(t -> t == null || t.isBlank())) {
            return null;
        }
        int clean = check.optionalWhole("coldClean", coldClean, 0, MOST_COLD).orElse(0);
        int of = check.optionalWhole("coldOf", coldOf, 0, MOST_COLD).orElse(clean);
        if (of < clean) {
            check.refuse("coldOf", Words.say("step.StepForm.must-be-or-more-as", clean, of));
        }
        return new Spread(check.optionalWhole("days", days, 0, MOST_DAYS).orElse(0), check.optionalWhole("inSessions", inSessions, 0, MOST_DAYS).orElse(0),
                check.optionalWhole("people", people, 0, MOST_COLD).orElse(0), check.optionalWhole("places", places, 0, MOST_COLD).orElse(0), clean, Math.max(of, clean),
                check.optionalWhole("hands", hands, 0, Spread.MOST_HANDS).orElse(0), check.optionalWhole("items", items, 0, MOST_COLD).orElse(0));
    }

    /** Refuses what the household cannot show: two people where one lives. */
    public void fitSpread(Check check, StepPlan plan, int handlers, int knownPlaces) {
        Spread asked = plan.spread();
        if (asked != null && asked.people() > handlers) {
            check.refuse("people", Words.say("step.StepForm.must-be-at-most-as", handlers, asked.people()));
        }
        if (asked != null && asked.places() > knownPlaces) {
            check.refuse("places", Words.say("step.StepForm.must-be-at-most-as-2", knownPlaces, asked.places()));
        }
    }

    private @Nullable Integer payEvery(Check check) {
        OptionalDouble seconds = check.measure("payEvery", payEvery, Measures::seconds);
        if (seconds.isEmpty()) {
            return null;
        }
        int whole = (int) Math.round(seconds.getAsDouble());
        if (whole < 1 || whole > PaySheet.LONGEST_MEAN) {
            check.refuse("payEvery", Words.say("step.StepForm.must-be-from-1-s", PaySheet.LONGEST_MEAN / 60, payEvery));
            return null;
        }
        return whole;
    }

    private List<Payoff> payoffs(Check check) {
        List<Payoff> kinds = (payoffs == null ? List.<String>of() : payoffs).stream().map(p -> check.choice("payoffs", p, Payoff.class)).distinct().sorted().toList();
        if (kinds.size() == 1) {
            check.refuse("payoffs", Words.say("step.StepForm.must-be-two-or-more"));
        }
        return kinds;
    }

    private static void refuseHarm(Check check, TrackKind kind, String field, @Nullable String typed) {
        String text = typed == null ? "" : typed;
        Harm.in(text, kind).ifPresent(h -> check.refuse(field, MethodWords.refusal(h, h.wordIn(text).orElse(""))));
    }

    private static @Nullable Double boxed(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }
}

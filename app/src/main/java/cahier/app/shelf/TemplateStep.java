package cahier.app.shelf;

import cahier.app.track.Helper;
import cahier.app.track.PassChoice;
import cahier.app.track.StepPlan;
import cahier.app.track.Teaching;
import cahier.app.track.Trait;
import cahier.core.measure.Measure;
import cahier.core.method.Choice;
import cahier.core.method.Method;
import cahier.core.method.Question;
import cahier.core.pass.Run;
import cahier.core.pass.Spread;
import cahier.core.pay.Feeding;
import cahier.core.pay.Payoff;
import cahier.core.rep.Aid;
import cahier.core.slip.Slip;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A step as a template has it, before a method is chosen. Texts may hold {placeholders}; docs/formats says what each field means.
 *
 * @param key tells it from the other steps of its template; none in the file of a roadmap where a step has no template
 * @param early how the naming step reads when the word is added early
 * @param naming whether the word is first spoken here
 * @param silent whether the word is not spoken here
 * @param fixed whether it stands as it is written, whatever the method says
 * @param when only for households that chose this
 * @param pass the household's own rule where there is none
 * @param measure what it measures, where its criterion adjusts itself
 * @param feeding how often a clean rep is paid with food; every time where nothing is said
 * @param guided what to do on a miss where the method guides the dog back
 * @param instead fields that stand in the place of its own for households that chose this
 */
@JsonInclude(JsonInclude.Include.NON_DEFAULT)
public record TemplateStep(@Nullable String key, String title, @Nullable String how, @Nullable String early, boolean naming, boolean silent, boolean fixed,
                           @Nullable Choice when, @Nullable String place, @Nullable Double distanceM, @Nullable Double durationS,
                           @Nullable String distraction, @Nullable String who, @Nullable Aid aid, @Nullable String word, @Nullable PassChoice pass,
                           @Nullable Integer run, @Nullable Integer reps, @Nullable Integer sessions, @Nullable Integer minutes,
                           @Nullable String onMiss, @Nullable String guided, @Nullable String cautions, @Nullable String pay,
                           @Nullable String equipment, @Nullable Helper helper, @Nullable List<Slip> slips, @Nullable List<String> events,
                           @Nullable Integer payEveryS, @Nullable List<Payoff> payoffs, @Nullable List<Trait> traits, @Nullable Measure measure, @Nullable Feeding feeding, @Nullable Spread spread,
                           @Nullable Map<Choice, JsonNode> instead) {

    private static final int USUAL_REPS = 8;
    private static final int USUAL_SESSIONS = 2;
    private static final int USUAL_MINUTES = 5;

    /** A step that stands as somebody wrote it, whatever the method says. */
    public static TemplateStep fixed(@Nullable String key, StepPlan p) {
        Teaching t = p.teaching();
        return new TemplateStep(key, p.title(), p.how(), null, false, false, true, null, p.place(), p.distanceM(), p.durationS(), p.distraction(), p.who(), p.aid(), p.word(),
                p.pass(), p.run(), p.reps(), p.sessions(), p.minutes(), p.onMiss(), null, p.cautions(), t.pay(), t.equipment(), t.helper(), t.slips(), t.events(), t.payEveryS(), t.payoffs(), t.traits().isEmpty() ? null : t.traits(), t.measure(), t.feeding(), p.spread(), null);
    }

    /** As it stands, without a method. */
    public StepPlan asWritten() {
        return new StepPlan(title, or(how, ""), or(place, ""), distanceM, durationS, or(distraction, ""), or(who, ""), or(aid, Aid.NONE), or(word, ""), or(pass, PassChoice.RUN), runOrUsual(), repsOrUsual(),
                sessionsOrUsual(), minutesOrUsual(), or(onMiss, ""), or(cautions, ""), new Teaching(or(pay, ""), or(equipment, ""), or(helper, Helper.NOBODY), or(slips, List.of()), or(events, List.of()),
                        payEveryS, or(payoffs, List.of()), or(traits, List.of()), measure, feeding), spread);
    }

    /** With the fields that a household with this method gets in the place of others. */
    TemplateStep in(Method method) {
        TemplateStep step = this;
        for (Map.Entry<Choice, JsonNode> other : or(instead, Map.<Choice, JsonNode>of()).entrySet()) {
            if (method.of(Question.of(other.getKey())) == other.getKey()) {
                step = TemplateFile.with(step, other.getValue());
            }
        }
        return step;
    }

    /** What it is asked of a method. */
    Stream<Choice> choices() {
        return Stream.concat(Stream.ofNullable(when), or(instead, Map.<Choice, JsonNode>of()).keySet().stream());
    }

    private static <T> T or(@Nullable T written, T usual) {
        return written == null ? usual : written;
    }

    /** The same for every household, whatever it chose. */
    TemplateStep always() {
        return new TemplateStep(key, title, how, early, naming, silent, fixed, null, place, distanceM, durationS, distraction, who, aid, word, pass, run, reps, sessions, minutes,
                onMiss, guided, cautions, pay, equipment, helper, slips, events, payEveryS, payoffs, traits, measure, feeding, spread, instead);
    }

    int runOrUsual() {
        return run == null ? Run.DEFAULT : run;
    }

    int repsOrUsual() {
        return reps == null ? USUAL_REPS : reps;
    }

    int sessionsOrUsual() {
        return sessions == null ? USUAL_SESSIONS : sessions;
    }

    int minutesOrUsual() {
        return minutes == null ? USUAL_MINUTES : minutes;
    }
}

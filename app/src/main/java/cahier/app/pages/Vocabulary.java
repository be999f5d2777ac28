package cahier.app.pages;

import static java.util.Map.entry;

import cahier.app.alarm.Alarm;
import cahier.app.baseline.Findings;
import cahier.app.baseline.WatchWords;
import cahier.app.desk.DeskRow;
import cahier.app.draw.DistanceChart;
import cahier.app.draw.Glyph;
import cahier.app.exposure.Far;
import cahier.app.exposure.ReadingWords;
import cahier.app.exposure.Threat;
import cahier.app.gate.GateWords;
import cahier.app.handling.HandlingMap;
import cahier.app.household.ClashWords;
import cahier.app.household.HomeKind;
import cahier.app.household.Lesson;
import cahier.app.household.Word;
import cahier.app.incident.Incident;
import cahier.app.intake.Dangers;
import cahier.app.intake.Equipment;
import cahier.app.judge.SuggestionWords;
import cahier.app.language.Language;
import cahier.app.language.Words;
import cahier.app.lesson.Shown;
import cahier.app.log.Felt;
import cahier.app.log.HowEnded;
import cahier.app.log.Sign;
import cahier.app.method.MethodWords;
import cahier.app.passing.PassingWords;
import cahier.app.probe.ProbeWords;
import cahier.app.roadmap.Roadmaps;
import cahier.app.scope.TrainerRole;
import cahier.app.shelf.Age;
import cahier.app.shelf.Sought;
import cahier.app.step.EffortWords;
import cahier.app.track.Helper;
import cahier.app.track.MeasureWords;
import cahier.app.track.MovesOn;
import cahier.app.track.PassChoice;
import cahier.app.track.PayWords;
import cahier.app.track.SlipWords;
import cahier.app.track.StepPlan;
import cahier.app.track.Trait;
import cahier.app.web.Dates;
import cahier.app.web.Measures;
import cahier.app.wording.TextKind;
import cahier.core.coach.EarlySign;
import cahier.core.exposure.Phase;
import cahier.core.exposure.Response;
import cahier.core.exposure.Trigger;
import cahier.core.gate.Mover;
import cahier.core.gate.RedFlag;
import cahier.core.gate.Topic;
import cahier.core.handling.HandSeen;
import cahier.core.handling.Zone;
import cahier.core.measure.Measure;
import cahier.core.pay.Feeding;
import cahier.core.pay.Payoff;
import cahier.core.rep.Aid;
import cahier.core.rest.Handler;
import cahier.core.rest.Work;
import cahier.core.slip.Slip;
import cahier.core.words.Signal;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.IExpressionContext;
import org.thymeleaf.dialect.IExpressionObjectDialect;
import org.thymeleaf.expression.IExpressionObjectFactory;

/**
 * All that a template may call beside what its controller hands it: words, marks and the choices there are. A template says
 * {@code #slipWords.remedy(s)} or {@code #glyph.CALL}; it names no class of ours.
 */
@Component
class Vocabulary implements IExpressionObjectDialect, IExpressionObjectFactory {

    private static final Map<String, Class<?>> NAMES = Map.ofEntries(
            entry("age", Age.class),
            entry("aid", Aid.class),
            entry("alarmKind", Alarm.Kind.class),
            entry("clashWords", ClashWords.class),
            entry("dangers", Dangers.class),
            entry("deskKind", DeskRow.Kind.class), entry("trainerRole", TrainerRole.class),
            entry("distanceChart", DistanceChart.class),
            entry("effortWords", EffortWords.class),
            entry("equipment", Equipment.class),
            entry("far", Far.class),
            entry("findingsSign", Findings.Sign.class),
            entry("gateWords", GateWords.class),
            entry("glyph", Glyph.class),
            entry("handler", Handler.class),
            entry("handlingMap", HandlingMap.class),
            entry("helper", Helper.class),
            entry("homeKind", HomeKind.class),
            entry("howEnded", HowEnded.class),
            entry("incidentKind", Incident.Kind.class),
            entry("incidentWent", Incident.Went.class),
            entry("lessonState", Lesson.State.class),
            entry("measures", Measures.class),
            entry("methodWords", MethodWords.class),
            entry("mover", Mover.class),
            entry("movesOn", MovesOn.class),
            entry("passChoice", PassChoice.class), entry("trait", Trait.class),
            entry("payWords", PayWords.class), entry("passingWords", PassingWords.class),
            entry("payoff", Payoff.class), entry("feeding", Feeding.class),
            entry("probeWords", ProbeWords.class),
            entry("readingWords", ReadingWords.class),
            entry("redFlag", RedFlag.class),
            entry("answer", Response.class),
            entry("roadmaps", Roadmaps.class),
            entry("shown", Shown.class),
            entry("sign", Sign.class),
            entry("signal", Signal.class),
            entry("slip", Slip.class),
            entry("slipWords", SlipWords.class),
            entry("sought", Sought.class),
            entry("soughtWhere", Sought.Where.class),
            entry("stepPlan", StepPlan.class),
            entry("suggestionWords", SuggestionWords.class),
            entry("language", Language.class), entry("words", Words.class),
            entry("textKind", TextKind.class),
            entry("threat", Threat.class),
            entry("topic", Topic.class),
            entry("measureWords", MeasureWords.class),
            entry("measureKind", Measure.Kind.class),
            entry("touchSeen", HandSeen.class),
            entry("phase", Phase.class),
            entry("felt", Felt.class),
            entry("earlySign", EarlySign.class),
            entry("work", Work.class),
            entry("trigger", Trigger.class),
            entry("watchWords", WatchWords.class),
            entry("when", Dates.class),
            entry("wordRole", Word.Role.class),
            entry("zone", Zone.class));

    @Override
    public String getName() {
        return "Cahier";
    }

    @Override
    public IExpressionObjectFactory getExpressionObjectFactory() {
        return this;
    }

    @Override
    public Set<String> getAllExpressionObjectNames() {
        return NAMES.keySet();
    }

    @Override
    public Object buildObject(IExpressionContext context, String name) {
        return Objects.requireNonNull(NAMES.get(name), name);
    }

    @Override
    public boolean isCacheable(String name) {
        return true;
    }
}

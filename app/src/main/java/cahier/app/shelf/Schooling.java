package cahier.app.shelf;

import cahier.app.track.Helper;
import cahier.app.track.KeyedPlan;
import cahier.app.track.PassChoice;
import cahier.app.track.StepPlan;
import cahier.app.track.Teaching;
import cahier.core.decide.TrackKind;
import cahier.core.method.Choice;
import cahier.core.method.Method;
import cahier.core.method.Question;
import cahier.core.method.TemplateOrder;
import cahier.core.rep.Aid;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Turns a template into the steps of one school (docs/rules.md 35). */
final class Schooling {

    static final Pattern PLACEHOLDER = Pattern.compile("\\{(\\w+)}");
    static final String DOG = "name";
    private static final String MARKER = "Say your try-again word once, softly. ";
    private static final String CORRECTION = "Say no once, calmly. ";
    private static final String GUIDE = "Guide it back softly, by hand or lead. ";

    private final Template template;
    private final Method method;
    private final String dogName;

    Schooling(Template template, Method method, String dogName) {
        this.template = template;
        this.method = method;
        this.dogName = dogName;
    }

    Template.InSchool all() {
        List<KeyedPlan> steps = steps();
        List<Template.Needed> needs = template.needs().stream().filter(n -> n.from() == null || steps.stream().anyMatch(s -> s.key().equals(n.from()))).toList();
        return new Template.InSchool(said(template.goal()), said(template.plan()), steps, needs);
    }

    private List<KeyedPlan> steps() {
        List<TemplateStep> parts = template.steps().stream().map(s -> s.in(method)).toList();
        List<TemplateOrder.Placed> order = TemplateOrder.of(method, parts.stream().map(s -> new TemplateOrder.Part(Optional.ofNullable(s.when()), s.naming())).toList());
        List<KeyedPlan> steps = new ArrayList<>();
        boolean known = false; // the word has been passed
        for (TemplateOrder.Placed placed : order) {
            TemplateStep part = parts.get(placed.part());
            String how = placed.isEarly() && part.early() != null ? part.early() : part.how();
            steps.add(new KeyedPlan(key(part), part.fixed() ? named(part.asWritten()) : plan(part, parts.get(placed.setting()), how, placed.spoken(), pass(part, placed.bar()), known)));
            known |= part.naming();
        }
        return List.copyOf(steps);
    }

    /** A step that stands as it was written, with the dog's name in it. */
    private StepPlan named(StepPlan p) {
        UnaryOperator<String> named = text -> text.replace("{" + DOG + "}", dogName);
        return p.reading(named);
    }

    private PassChoice pass(TemplateStep part, TemplateOrder.Bar bar) {
        return switch (bar) {
            case EIGHT_OF_TEN -> PassChoice.RATE_80;
            case NINE_OF_TEN -> PassChoice.RATE_90;
            case OWN -> pass(part);
        };
    }

    private PassChoice pass(TemplateStep part) {
        if (part.pass() != null) {
            return part.pass();
        }
        PassChoice usual = template.kind() == TrackKind.COMFORT ? PassChoice.CALM : PassChoice.of(method.of(Question.PASS));
        return usual.fitting(part.repsOrUsual());
    }

    /** Every step of a template that is on the shelf has one. */
    private static String key(TemplateStep step) {
        return Objects.requireNonNull(step.key());
    }

    /** @param setting the step whose place, distance and the like it has: the first one's, for a word that is added early */
    private StepPlan plan(TemplateStep s, TemplateStep setting, @Nullable String how, boolean spoken, PassChoice pass, boolean known) {
        return new StepPlan(said(s.title()), said(how), said(setting.place()), setting.distanceM(), setting.durationS(), said(setting.distraction()), said(setting.who()),
                setting.aid() == null ? Aid.NONE : setting.aid(), spoken && !s.silent() ? said(template.word()) : "", pass, s.runOrUsual(), s.repsOrUsual(), s.sessionsOrUsual(),
                s.minutesOrUsual(), onMiss(s, known && spoken && !s.silent()), said(s.cautions()), new Teaching(said(s.pay()), said(s.equipment()), s.helper() == null ? Helper.NOBODY : s.helper(), s.slips() == null ? List.of() : s.slips(),
                        setting.events() == null ? List.of() : setting.events().stream().map(this::said).toList(), s.payEveryS(), s.payoffs() == null ? List.of() : s.payoffs(),
                        s.traits() == null ? List.of() : s.traits(), s.measure(), s.feeding()), s.spread());
    }

    private String onMiss(TemplateStep s, boolean known) {
        String quiet = said(s.onMiss());
        if (known && method.isCorrecting(template.kind())) {
            return CORRECTION + (method.onMiss(template.kind()) == Choice.MISS_GUIDED && s.guided() != null ? said(s.guided()) : quiet);
        }
        return switch (method.onMiss(template.kind())) {
            case MISS_MARKER -> MARKER + quiet;
            case MISS_GUIDED -> s.guided() == null ? GUIDE + quiet : said(s.guided());
            default -> quiet;
        };
    }

    private String said(@Nullable String text) {
        if (text == null || text.indexOf('{') < 0) {
            return text == null ? "" : text;
        }
        Matcher matcher = PLACEHOLDER.matcher(text);
        return matcher.replaceAll(m -> Matcher.quoteReplacement(line(m.group(1))));
    }

    private String line(String placeholder) {
        if (placeholder.equals(DOG)) {
            return dogName;
        }
        Map<Choice, String> lines = Objects.requireNonNull(template.say().get(placeholder), () -> "{" + placeholder + "} must be {name} or an entry of say");
        Choice any = lines.keySet().iterator().next();
        return said(lines.get(method.of(Question.of(any))));
    }
}

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
import cahier.core.rep.Aid;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Turns a template into the steps of one school (docs/rules.md 35). */
final class Schooling {

    static final Pattern PLACEHOLDER = Pattern.compile("\\{(\\w+)}");
    static final String DOG = "name";
    private static final String MARKER = "Say your try-again word once, softly. ";
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
        return new Template.InSchool(said(template.goal()), said(template.plan()), steps());
    }

    private List<KeyedPlan> steps() {
        List<TemplateStep> parts = template.steps().stream().filter(s -> s.when() == null || method.of(Question.of(s.when())) == s.when()).toList();
        boolean early = method.of(Question.NAMING) == Choice.NAMED_EARLY;
        int naming = naming(parts);
        List<KeyedPlan> plans = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            TemplateStep part = parts.get(i);
            if (early && i == naming) {
                continue;
            }
            boolean spoken = naming < 0 || i >= naming || early && i > 0;
            PassChoice pass = !early && i == naming ? PassChoice.RATE_90 : !early && i == naming - 1 ? bar() : pass(part);
            plans.add(new KeyedPlan(key(part), part.fixed() ? part.asWritten() : plan(part, part, part.how(), spoken, pass)));
            if (early && i == 0 && naming > 0) {
                TemplateStep named = parts.get(naming);
                plans.add(new KeyedPlan(key(named), plan(named, part, named.early() == null ? named.how() : named.early(), true, pass(named))));
            }
        }
        return plans;
    }

    private static int naming(List<TemplateStep> parts) {
        for (int i = 0; i < parts.size(); i++) {
            if (parts.get(i).naming()) {
                return i;
            }
        }
        return -1;
    }

    /** What unaided, unnamed reps must hold before the word is added. */
    private PassChoice bar() {
        return method.of(Question.NAMING) == Choice.NAMED_AT_90 ? PassChoice.RATE_90 : PassChoice.RATE_80;
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
    private StepPlan plan(TemplateStep s, TemplateStep setting, @Nullable String how, boolean spoken, PassChoice pass) {
        return new StepPlan(said(s.title()), said(how), said(setting.place()), setting.distanceM(), setting.durationS(), said(setting.distraction()), said(setting.who()),
                setting.aid() == null ? Aid.NONE : setting.aid(), spoken && !s.silent() ? said(template.word()) : "", pass, s.runOrUsual(), s.repsOrUsual(), s.sessionsOrUsual(),
                s.minutesOrUsual(), onMiss(s), said(s.cautions()), new Teaching(said(s.pay()), said(s.equipment()), s.helper() == null ? Helper.NOBODY : s.helper(), s.slips() == null ? List.of() : s.slips(),
                        setting.events() == null ? List.of() : setting.events().stream().map(this::said).toList(), s.payEveryS(), s.payoffs() == null ? List.of() : s.payoffs()), s.spread());
    }

    private String onMiss(TemplateStep s) {
        String quiet = said(s.onMiss());
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

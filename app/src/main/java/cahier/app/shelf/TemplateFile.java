package cahier.app.shelf;

import cahier.app.language.Words;
import cahier.app.track.PassChoice;
import cahier.core.decide.TrackKind;
import cahier.core.method.Choice;
import cahier.core.method.Harm;
import cahier.core.method.Method;
import cahier.core.method.Question;
import cahier.core.pass.Run;
import cahier.core.pay.Feeding;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.cfg.JsonNodeFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import org.jspecify.annotations.Nullable;
import org.springframework.util.DigestUtils;

/** Reads and writes templates in the published format. */
public final class TemplateFile {

    private static final ObjectMapper JSON = JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private static final ObjectMapper SORTED = JsonMapper.builder().enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS).enable(JsonNodeFeature.WRITE_PROPERTIES_SORTED).build();
    private static final Map<Feeding, String> FADE_KEYS = Map.of(Feeding.EVERY_OTHER, "food-every-other", Feeding.NOW_AND_THEN, "food-now-and-then", Feeding.NONE, "praise");
    private static final Map<Feeding, String> FADE_TITLES = Map.of(Feeding.EVERY_OTHER, "Food every other time", Feeding.NOW_AND_THEN, "Food now and then", Feeding.NONE, "Praise alone");

    private TemplateFile() {
    }

    /** The template of a file, or a {@link BadFile} with everything that is wrong with it. */
    public static Template read(String file) {
        return read(Format.TEMPLATE.parse(file), "");
    }

    /** As {@link #read(String)}, of a tree that may stand in a file of another name. */
    static Template read(JsonNode tree, String where) {
        Format.TEMPLATE.check(tree);
        Template template = bind(filled(tree));
        List<String> findings = findings(template);
        if (!findings.isEmpty()) {
            throw new BadFile(findings.stream().map(f -> where + f).toList());
        }
        return template;
    }

    /** Every step takes what is usual unless it says otherwise. */
    private static ObjectNode filled(JsonNode tree) {
        ObjectNode whole = tree.deepCopy();
        JsonNode usual = whole.remove("usual");
        if (usual instanceof ObjectNode common) {
            for (int i = 0; i < whole.get("steps").size(); i++) {
                ObjectNode step = common.deepCopy();
                step.setAll((ObjectNode) whole.get("steps").get(i));
                whole.withArray("steps").set(i, step);
            }
        }
        if (whole.remove("fade") instanceof ObjectNode fade) {
            fade(whole, fade);
        }
        return whole;
    }

    /** One step each for what the food fades to, after the last one. */
    private static void fade(ObjectNode whole, ObjectNode fade) {
        String at = fade.path("at").asText();
        List<ObjectNode> steps = new ArrayList<>();
        whole.get("steps").forEach(s -> steps.add((ObjectNode) s));
        ObjectNode base = steps.stream().filter(s -> at.isEmpty() ? !s.has("when") : at.equals(s.path("key").asText())).reduce((a, b) -> b).orElse(steps.get(steps.size() - 1));
        for (Feeding feeding : Feeding.EVERY_TIME.downTo(Feeding.valueOf(fade.path("to").asText(Feeding.NONE.name())))) {
            if (feeding != Feeding.EVERY_TIME) {
                ObjectNode step = base.deepCopy().without(List.of("naming", "early", "fixed", "silent", "payEveryS"));
                step.put("key", FADE_KEYS.get(feeding)).put("title", FADE_TITLES.get(feeding)).put("how", fade.path("how").asText()).put("feeding", feeding.name())
                        .put("when", Choice.FOOD_FADED.name());
                whole.withArray("steps").add(step);
            }
        }
    }

    /** A step with some of its fields otherwise. */
    static TemplateStep with(TemplateStep step, JsonNode fields) {
        ObjectNode whole = JSON.valueToTree(step);
        whole.setAll((ObjectNode) fields);
        try {
            return JSON.treeToValue(whole, TemplateStep.class);
        } catch (JsonProcessingException e) {
            throw new BadFile(List.of("instead: " + e.getOriginalMessage()));
        }
    }

    private static Template bind(ObjectNode whole) {
        try {
            return JSON.treeToValue(whole, Template.class);
        } catch (JsonProcessingException e) {
            throw new BadFile(List.of(Words.say("shelf.TemplateFile.the-file", e.getOriginalMessage())));
        }
    }

    /** Refuses what a file with this template in it would be refused for. */
    static Template checked(Template template) {
        return read(write(template));
    }

    static ObjectNode tree(Template template) {
        return JSON.valueToTree(template);
    }

    public static String write(Template template) {
        try {
            return JSON.writeValueAsString(template);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a template cannot be written", e);
        }
    }

    /** Tells a template from one that reads otherwise; whose it is and how often it was edited makes no difference. */
    public static String digest(Template template) {
        try {
            return DigestUtils.md5DigestAsHex(SORTED.writeValueAsBytes(template.by("", 0).withId("")));
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a template cannot be written", e);
        }
    }

    /** What a schema cannot say. */
    private static List<String> findings(Template template) {
        List<String> findings = new ArrayList<>();
        sayFindings(template, findings);
        Set<String> keys = new HashSet<>();
        for (int i = 0; i < template.steps().size(); i++) {
            String at = "steps[" + i + "].";
            TemplateStep step = template.steps().get(i);
            if (!keys.add(step.key())) {
                findings.add(Words.say("shelf.TemplateFile.key-must-differ-from-the", at, step.key()));
            }
            stepFindings(template, step, at, findings);
            (step.instead() == null ? Map.<Choice, JsonNode>of() : step.instead()).forEach((choice, fields) -> stepFindings(template, with(step, fields), Words.say("shelf.TemplateFile.instead", at, choice), findings));
        }
        for (int i = 0; i < template.needs().size(); i++) {
            String from = template.needs().get(i).from();
            if (from != null && !keys.contains(from)) {
                findings.add(Words.say("shelf.TemplateFile.needs-from-must-be-the", i, from));
            }
        }
        if (template.steps().stream().filter(TemplateStep::naming).count() > 1 || template.steps().get(0).naming()) {
            findings.add(Words.say("shelf.TemplateFile.steps-must-have-one-naming"));
        }
        if (findings.isEmpty()) {
            schoolFindings(template, findings);
        }
        return findings;
    }

    private static void placeholderFindings(Set<String> known, String text, String at, List<String> findings) {
        Matcher used = Schooling.PLACEHOLDER.matcher(text);
        while (used.find()) {
            if (!used.group(1).equals(Schooling.DOG) && !known.contains(used.group(1))) {
                findings.add(Words.say("shelf.TemplateFile.a-placeholder-must-be-name", at, (known.isEmpty() ? "" : Words.say("shelf.TemplateFile.or-an-entry-of-say")), used.group(1)));
            }
        }
    }

    private static void sayFindings(Template template, List<String> findings) {
        placeholderFindings(template.say().keySet(), template.goal() + " " + template.plan() + " " + template.word(), Words.say("shelf.TemplateFile.goal-plan-or-word"), findings);
        for (Map.Entry<String, Map<Choice, String>> entry : template.say().entrySet()) {
            placeholderFindings(Set.of(), String.join(" ", entry.getValue().values()), Words.say("shelf.TemplateFile.say", entry.getKey()), findings);
            Question question = Question.of(entry.getValue().keySet().iterator().next());
            if (!entry.getValue().keySet().equals(Set.copyOf(question.choices()))) {
                findings.add(Words.say("shelf.TemplateFile.say-must-have-a-line", entry.getKey(), question.choices(), entry.getValue().keySet()));
            }
        }
    }

    private static void stepFindings(Template template, TemplateStep step, String at, List<String> findings) {
        if (!step.fixed()) {
            List<String> texts = new ArrayList<>(step.events() == null ? List.of() : step.events());
            texts.addAll(List.of(or(step.title()), or(step.how()), or(step.early()), or(step.onMiss()), or(step.guided()), or(step.cautions()), or(step.pay()),
                    or(step.place()), or(step.distraction()), or(step.who()), or(step.equipment())));
            placeholderFindings(template.say().keySet(), String.join(" ", texts), at + "text", findings);
        }
        String asked = or(step.how()) + " " + or(step.early()) + " " + or(step.onMiss()) + " " + or(step.guided());
        Harm.in(asked, template.kind()).ifPresent(h -> findings.add(Words.say("shelf.TemplateFile.text-must-not-ask-for", at, h.wordIn(asked).orElse(""))));
        if (step.pass() == PassChoice.CALM && !PassChoice.CALM.fits(step.repsOrUsual())) {
            findings.add(Words.say("shelf.TemplateFile.reps-must-be-or-more", at, PassChoice.CALM_REPS, step.repsOrUsual()));
        }
        if (step.pass() != null && !step.pass().fitsDuration(step.durationS())) {
            findings.add(at + "durationS: " + PassChoice.NEEDS_DURATION);
        }
        if (template.kind() == TrackKind.COMFORT && step.feeding() != null && step.feeding() != Feeding.EVERY_TIME) {
            findings.add(Words.say("shelf.TemplateFile.feeding-must-be-every-time", at, step.feeding()));
        }
        if (template.kind() == TrackKind.COMFORT && step.runOrUsual() < Run.COMFORT_LEAST) {
            findings.add(Words.say("shelf.TemplateFile.run-must-be-or-more", at, Run.COMFORT_LEAST, step.runOrUsual()));
        }
    }

    /** There must be something to work, whatever was chosen, and titles must tell it apart. */
    private static void schoolFindings(Template template, List<String> findings) {
        for (Question question : Question.values()) {
            for (Choice choice : question.choices()) {
                List<String> titles = template.in(new Method(Map.of(question, choice)), Words.say("shelf.TemplateFile.the-dog")).steps().stream().map(s -> s.plan().title()).toList();
                if (titles.isEmpty()) {
                    findings.add(Words.say("shelf.TemplateFile.steps-must-have-a-step", choice));
                }
                if (Set.copyOf(titles).size() < titles.size()) {
                    findings.add(Words.say("shelf.TemplateFile.steps-titles-must-differ-were", titles));
                    return;
                }
            }
        }
    }

    private static String or(@Nullable String text) {
        return text == null ? "" : text;
    }
}

package cahier.app.shelf;

import cahier.app.household.Dog;
import cahier.app.household.Facts;
import cahier.app.household.GoneDog;
import cahier.app.household.LeftPerson;
import cahier.app.household.Person;
import cahier.app.language.Words;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** The names of a household that stand in a template made of one of its tracks, and what stands there instead. */
final class Names {

    private static final Set<String> TEXTS = Set.of("title", "goal", "plan", "notes", "how", "early", "onMiss", "guided", "cautions", "pay", "place", "distraction", "who", "equipment", "word");
    private static final int SHOWN = 60;

    private Names() {
    }

    /**
     * One of them.
     *
     * @param other what stands in its place
     * @param where a text it stands in, shortened
     */
    record Name(String name, String other, int times, String where) {

        /** The same with another in its place. */
        Name to(String another) {
            return new Name(name, another, times, where);
        }
    }

    /** Those that stand in a template, the track's dog first; each with what is usually put in its place. */
    static List<Name> in(Template template, String dog, Facts facts) {
        Map<String, String> usual = new LinkedHashMap<>();
        usual.put(dog, "{" + Schooling.DOG + "}");
        Stream.concat(facts.dogs().stream().map(Dog::name), facts.gone().stream().map(GoneDog::name)).forEach(name -> usual.putIfAbsent(name, Words.say("shelf.Names.the-other-dog")));
        Stream.concat(facts.people().stream().map(Person::name), facts.left().stream().map(LeftPerson::name)).flatMap(name -> Stream.of(name, name.strip().split("\\s")[0]))
                .forEach(name -> usual.putIfAbsent(name, Words.say("shelf.Names.somebody-at-home")));
        usual.putIfAbsent(facts.household().name(), Words.say("shelf.Names.the-household"));
        List<String> texts = new ArrayList<>();
        each(TemplateFile.tree(template), text -> {
            texts.add(text);
            return text;
        });
        List<Name> names = new ArrayList<>();
        usual.forEach((name, other) -> {
            List<String> where = name.isBlank() ? List.of() : texts.stream().filter(t -> word(name).matcher(t).find()).toList();
            int times = where.stream().mapToInt(t -> (int) word(name).matcher(t).results().count()).sum();
            if (times > 0) {
                names.add(new Name(name, other, times, where.get(0).length() > SHOWN ? where.get(0).substring(0, SHOWN) + "…" : where.get(0)));
            }
        });
        return names;
    }

    /** The template with others in their place; at the beginning of a sentence with a capital. */
    static Template without(Template template, List<Name> names) {
        ObjectNode tree = TemplateFile.tree(template);
        List<Name> longestFirst = names.stream().sorted(Comparator.comparingInt((Name n) -> -n.name().length())).toList();
        each(tree, text -> {
            String without = text;
            for (Name name : longestFirst) {
                Matcher found = word(name.name()).matcher(without);
                String before = without;
                without = found.replaceAll(m -> Matcher.quoteReplacement(begins(before, m.start()) ? capital(name.other()) : name.other()));
            }
            return without;
        });
        return TemplateFile.read(tree, "");
    }

    private static boolean begins(String text, int at) {
        String before = text.substring(0, at).stripTrailing();
        return before.isEmpty() || ".!?:".indexOf(before.charAt(before.length() - 1)) >= 0;
    }

    private static String capital(String words) {
        return words.isEmpty() ? words : Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private static Pattern word(String name) {
        return Pattern.compile("(?<![\\p{L}\\d])" + Pattern.quote(name) + "(?![\\p{L}\\d])");
    }

    /** Every text that somebody reads, changed in place. */
    private static void each(JsonNode node, UnaryOperator<String> change) {
        if (node instanceof ObjectNode fields) {
            Map<String, JsonNode> changed = new HashMap<>();
            fields.fields().forEachRemaining(f -> {
                if (f.getValue().isTextual() && TEXTS.contains(f.getKey())) {
                    changed.put(f.getKey(), TextNode.valueOf(change.apply(f.getValue().asText())));
                } else if (f.getKey().equals("events") && f.getValue() instanceof ArrayNode events) {
                    for (int i = 0; i < events.size(); i++) {
                        events.set(i, TextNode.valueOf(change.apply(events.get(i).asText())));
                    }
                } else {
                    each(f.getValue(), change);
                }
            });
            fields.setAll(changed);
        } else if (node instanceof ArrayNode list) {
            list.forEach(n -> each(n, change));
        }
    }
}

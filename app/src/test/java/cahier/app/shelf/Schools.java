package cahier.app.shelf;

import cahier.core.method.Choice;
import cahier.core.method.Method;
import cahier.core.method.Question;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Combinations of method choices. */
final class Schools {

    private Schools() {
    }

    /** Every combination of answers to these questions. */
    static List<Method> all(Set<Question> questions) {
        List<Map<Question, Choice>> all = List.of(Map.of());
        for (Question question : questions) {
            List<Map<Question, Choice>> more = new ArrayList<>();
            for (Map<Question, Choice> so : all) {
                for (Choice choice : question.choices()) {
                    Map<Question, Choice> with = new EnumMap<>(Question.class);
                    with.putAll(so);
                    with.put(question, choice);
                    more.add(with);
                }
            }
            all = more;
        }
        return all.stream().map(Method::new).toList();
    }

    static Method with(Choice... choices) {
        Map<Question, Choice> chosen = new EnumMap<>(Question.class);
        for (Choice choice : choices) {
            chosen.put(Question.of(choice), choice);
        }
        return new Method(chosen);
    }
}

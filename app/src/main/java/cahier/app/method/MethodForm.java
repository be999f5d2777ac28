package cahier.app.method;

import cahier.core.method.Choice;
import cahier.core.method.Method;
import cahier.core.method.Question;
import java.util.EnumMap;
import java.util.Map;

/** A method as it is sent: each question by its name. */
public final class MethodForm {

    private MethodForm() {
    }

    /** What was chosen; a question that is missing or answered with something unknown stays as it was. */
    public static Method read(Map<String, String> form, Method before) {
        Map<Question, Choice> chosen = new EnumMap<>(Question.class);
        for (Question question : Question.values()) {
            chosen.put(question, question.choices().stream().filter(c -> c.name().equals(form.get(question.name()))).findFirst().orElse(before.of(question)));
        }
        return new Method(chosen);
    }
}

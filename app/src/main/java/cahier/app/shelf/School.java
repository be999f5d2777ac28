package cahier.app.shelf;

import cahier.core.method.Choice;
import cahier.core.method.Method;
import cahier.core.method.Question;
import java.util.Arrays;
import java.util.stream.Collectors;

/** A method as a track remembers it: every choice by name, those by default too. */
public final class School {

    private School() {
    }

    public static String write(Method method) {
        return Arrays.stream(Question.values()).map(q -> method.of(q).name()).collect(Collectors.joining(","));
    }

    public static Method read(String school) {
        return new Method(Arrays.stream(school.split(",")).filter(s -> !s.isEmpty()).map(Choice::valueOf).collect(Collectors.toMap(Question::of, c -> c)));
    }
}

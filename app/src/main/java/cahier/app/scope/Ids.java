package cahier.app.scope;

import java.util.Collection;
import java.util.stream.Collectors;

/** Numbers of rows as one parameter of a statement, {@code in (select unnest(#{ids}::bigint[]))}: the same rows are the same question ({@link AskedOnce}). */
public final class Ids {

    private Ids() {
    }

    /** "{3,8}", each once and in order. */
    public static String of(Collection<Long> ids) {
        return ids.stream().distinct().sorted().map(String::valueOf).collect(Collectors.joining(",", "{", "}"));
    }
}

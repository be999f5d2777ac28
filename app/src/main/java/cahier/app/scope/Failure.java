package cahier.app.scope;

import java.util.Arrays;

/** An exception as a log may have it: what it is and where, without its message, in which the database may quote a row of a household. */
public final class Failure {

    private Failure() {
    }

    /** "DuplicateKeyException in cahier.app.judge.Judgements.stand:190" */
    public static String of(Throwable e) {
        String where = Arrays.stream(e.getStackTrace()).filter(f -> f.getClassName().startsWith("cahier.") && f.getLineNumber() > 0).findFirst()
                .map(f -> " in " + f.getClassName() + "." + f.getMethodName() + ":" + f.getLineNumber()).orElse("");
        return e.getClass().getSimpleName() + where;
    }
}

package cahier.app.scope;

import java.lang.reflect.InvocationTargetException;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.ibatis.cache.CacheKey;
import org.apache.ibatis.executor.Executor;
import org.apache.ibatis.mapping.BoundSql;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.plugin.Interceptor;
import org.apache.ibatis.plugin.Intercepts;
import org.apache.ibatis.plugin.Invocation;
import org.apache.ibatis.plugin.Signature;
import org.apache.ibatis.session.ResultHandler;
import org.apache.ibatis.session.RowBounds;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Within one look at the database ({@link OneTransaction}) the same question gets the answer it got before. Only there: nothing can have been written
 * meanwhile. Answers are shared and cannot be changed.
 */
@Component
@Intercepts(@Signature(type = Executor.class, method = "query", args = {MappedStatement.class, Object.class, RowBounds.class, ResultHandler.class}))
class AskedOnce implements Interceptor {

    private static final Logger LOG = LoggerFactory.getLogger(AskedOnce.class);
    private static final ThreadLocal<Look> LOOK = new ThreadLocal<>();

    /** What was answered during one look, and what is only noted just now. */
    private static final class Look {

        private final Map<CacheKey, List<?>> answers = new HashMap<>();
        private @Nullable Map<CacheKey, Noted> noted;
    }

    /** A question that waits for its answer ({@link AskedTogether}). */
    record Noted(Executor executor, MappedStatement statement, @Nullable Object parameter, BoundSql sql, CacheKey key) {
    }

    static boolean isLooking() {
        return LOOK.get() != null;
    }

    static void begin() {
        LOOK.set(new Look());
    }

    static void end() {
        LOOK.remove();
    }

    /** What these ask that has no answer yet; nothing outside of a look. They get empty answers, and may fail of them. */
    static List<Noted> note(Runnable... askers) {
        Look look = LOOK.get();
        if (look == null || look.noted != null) {
            return List.of();
        }
        Map<CacheKey, Noted> noted = new LinkedHashMap<>();
        look.noted = noted;
        try {
            for (Runnable asker : askers) {
                ask(asker);
            }
        } finally {
            look.noted = null;
        }
        return List.copyOf(noted.values());
    }

    private static void ask(Runnable asker) {
        try {
            asker.run();
        } catch (RuntimeException e) {
            LOG.trace("an asker could not bear an empty answer", e);
        }
    }

    static void remember(Noted question, List<?> answer) {
        LOOK.get().answers.put(question.key(), Collections.unmodifiableList(answer));
    }

    @Override
    public Object intercept(Invocation invocation) throws InvocationTargetException, IllegalAccessException {
        Look look = LOOK.get();
        Object[] asked = invocation.getArgs();
        if (look == null || asked[3] != null) {
            return invocation.proceed();
        }
        MappedStatement statement = (MappedStatement) asked[0];
        Executor executor = (Executor) invocation.getTarget();
        BoundSql sql = statement.getBoundSql(asked[1]);
        CacheKey key = executor.createCacheKey(statement, asked[1], (RowBounds) asked[2], sql);
        List<?> known = look.answers.get(key);
        if (known != null) {
            return known;
        }
        if (look.noted != null) {
            look.noted.put(key, new Noted(executor, statement, asked[1], sql, key));
            return List.of();
        }
        List<?> answer = Collections.unmodifiableList((List<?>) invocation.proceed());
        look.answers.put(key, answer);
        return answer;
    }
}

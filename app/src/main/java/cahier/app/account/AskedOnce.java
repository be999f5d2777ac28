package cahier.app.account;

import java.lang.reflect.InvocationTargetException;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.ibatis.cache.CacheKey;
import org.apache.ibatis.executor.Executor;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.plugin.Interceptor;
import org.apache.ibatis.plugin.Intercepts;
import org.apache.ibatis.plugin.Invocation;
import org.apache.ibatis.plugin.Signature;
import org.apache.ibatis.session.ResultHandler;
import org.apache.ibatis.session.RowBounds;
import org.springframework.stereotype.Component;

/**
 * Within one look at the database ({@link OneTransaction}) the same question gets the answer it got before. Only there: nothing can have been written
 * meanwhile. Answers are shared and cannot be changed.
 */
@Component
@Intercepts(@Signature(type = Executor.class, method = "query", args = {MappedStatement.class, Object.class, RowBounds.class, ResultHandler.class}))
class AskedOnce implements Interceptor {

    private static final ThreadLocal<Map<CacheKey, List<?>>> ANSWERS = new ThreadLocal<>();

    static void begin() {
        ANSWERS.set(new HashMap<>());
    }

    static void end() {
        ANSWERS.remove();
    }

    @Override
    public Object intercept(Invocation invocation) throws InvocationTargetException, IllegalAccessException {
        Map<CacheKey, List<?>> answers = ANSWERS.get();
        Object[] asked = invocation.getArgs();
        if (answers == null || asked[3] != null) {
            return invocation.proceed();
        }
        MappedStatement statement = (MappedStatement) asked[0];
        CacheKey key = ((Executor) invocation.getTarget()).createCacheKey(statement, asked[1], (RowBounds) asked[2], statement.getBoundSql(asked[1]));
        List<?> known = answers.get(key);
        if (known == null) {
            known = Collections.unmodifiableList((List<?>) invocation.proceed());
            answers.put(key, known);
        }
        return known;
    }
}

package cahier.app.running;

import java.time.Duration;
import org.apache.ibatis.executor.Executor;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.plugin.Interceptor;
import org.apache.ibatis.plugin.Intercepts;
import org.apache.ibatis.plugin.Invocation;
import org.apache.ibatis.plugin.Signature;
import org.apache.ibatis.session.ResultHandler;
import org.apache.ibatis.session.RowBounds;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Says which question to the database took long, by its name in the mappers: never what was asked with it. */
@Component
@Intercepts({@Signature(type = Executor.class, method = "query", args = {MappedStatement.class, Object.class, RowBounds.class, ResultHandler.class}),
        @Signature(type = Executor.class, method = "update", args = {MappedStatement.class, Object.class})})
class SlowQuestions implements Interceptor {

    private static final Logger LOG = LoggerFactory.getLogger(SlowQuestions.class);

    private final Duration slow;

    SlowQuestions(@Value("${cahier.slow-ms}") long slowMs) {
        this.slow = Duration.ofMillis(slowMs);
    }

    @Override
    public Object intercept(Invocation question) throws Throwable {
        long began = System.nanoTime();
        try {
            return question.proceed();
        } finally {
            Duration took = Duration.ofNanos(System.nanoTime() - began);
            if (took.compareTo(slow) > 0) {
                LOG.warn("{} took {} ms", ((MappedStatement) question.getArgs()[0]).getId(), took.toMillis());
            }
        }
    }
}

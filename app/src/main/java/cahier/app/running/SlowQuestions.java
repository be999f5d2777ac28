package cahier.app.running;

import cahier.app.scope.Slow;
import org.apache.ibatis.executor.Executor;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.plugin.Interceptor;
import org.apache.ibatis.plugin.Intercepts;
import org.apache.ibatis.plugin.Invocation;
import org.apache.ibatis.plugin.Signature;
import org.apache.ibatis.session.ResultHandler;
import org.apache.ibatis.session.RowBounds;
import org.springframework.stereotype.Component;

/** Watches the questions that are asked one by one. */
@Component
@Intercepts({@Signature(type = Executor.class, method = "query", args = {MappedStatement.class, Object.class, RowBounds.class, ResultHandler.class}),
        @Signature(type = Executor.class, method = "update", args = {MappedStatement.class, Object.class})})
class SlowQuestions implements Interceptor {

    private final Slow slow;

    SlowQuestions(Slow slow) {
        this.slow = slow;
    }

    @Override
    public Object intercept(Invocation question) throws Throwable {
        long began = System.nanoTime();
        try {
            return question.proceed();
        } finally {
            slow.since(began, ((MappedStatement) question.getArgs()[0])::getId);
        }
    }
}

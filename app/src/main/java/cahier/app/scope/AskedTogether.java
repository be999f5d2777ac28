package cahier.app.scope;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Proxy;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javax.sql.DataSource;
import org.apache.ibatis.executor.parameter.ParameterHandler;
import org.apache.ibatis.session.Configuration;
import org.apache.ibatis.session.RowBounds;
import org.apache.ibatis.session.SqlSessionFactory;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.UncategorizedSQLException;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.jdbc.support.SQLExceptionTranslator;
import org.springframework.jdbc.support.SQLStateSQLExceptionTranslator;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Sends what a page is about to ask in one round trip. The services are asked twice: the first time nobody answers and it is only noted what they want to
 * know, the second time, by the page itself, the answers lie ready ({@link AskedOnce}). What a service asks because of an answer, it asks on its own.
 */
@Component
public class AskedTogether {

    private static final int PATIENCE_S = 20;

    private final Configuration mappers;
    private final DataSource database;
    private final Slow slow;
    private final SQLExceptionTranslator translator = new SQLStateSQLExceptionTranslator();

    AskedTogether(SqlSessionFactory sessions, DataSource database, Slow slow) {
        this.slow = slow;
        this.mappers = sessions.getConfiguration();
        this.database = database;
    }

    /** Within a command: until this has been read nothing is written, so that what is asked twice is asked once and questions can be sent together. */
    @Transactional
    public <T> T look(Supplier<T> reading) {
        if (AskedOnce.isLooking()) {
            return reading.get();
        }
        AskedOnce.begin();
        try {
            return reading.get();
        } finally {
            AskedOnce.end();
        }
    }

    /**
     * Notes what these ask and gets the answers. Does nothing outside of a look, where nothing is remembered.
     *
     * @param askers each asks a service what will be asked again; one that cannot bear an empty answer fails, which within a command fails the whole of it
     */
    public void ask(Runnable... askers) {
        List<AskedOnce.Noted> noted = AskedOnce.note(askers);
        if (noted.isEmpty()) {
            return;
        }
        if (!TransactionSynchronizationManager.isActualTransactionActive()) {
            throw new IllegalStateException("questions are asked together within a transaction: outside of one no practice is known, and there is no answer");
        }
        Connection connection = DataSourceUtils.getConnection(database);
        try (PreparedStatement all = connection.prepareStatement(noted.stream().map(n -> n.sql().getSql()).collect(Collectors.joining(";\n")))) {
            all.setQueryTimeout(PATIENCE_S);
            List<ParameterHandler> parameters = new ArrayList<>();
            int before = 0;
            for (AskedOnce.Noted question : noted) {
                ParameterHandler handler = mappers.newParameterHandler(question.statement(), question.parameter(), question.sql());
                handler.setParameters(behind(all, before));
                before += question.sql().getParameterMappings().size();
                parameters.add(handler);
            }
            long began = System.nanoTime();
            all.execute();
            slow.since(began, () -> noted.stream().map(n -> n.statement().getId()).collect(Collectors.joining(" with ")));
            for (int i = 0; i < noted.size(); i++) {
                AskedOnce.Noted question = noted.get(i);
                AskedOnce.remember(question, mappers.newResultSetHandler(question.executor(), question.statement(), RowBounds.DEFAULT, parameters.get(i), null, question.sql())
                        .handleResultSets(all)); // and goes on to the next
            }
        } catch (SQLException e) {
            DataAccessException known = translator.translate("asking " + noted.size() + " questions together", null, e);
            throw known != null ? known : new UncategorizedSQLException("asking " + noted.size() + " questions together", null, e);
        } finally {
            DataSourceUtils.releaseConnection(connection, database);
        }
    }

    /** The same statement, whose first parameter comes after so many others. */
    private static PreparedStatement behind(PreparedStatement all, int before) {
        return (PreparedStatement) Proxy.newProxyInstance(AskedTogether.class.getClassLoader(), new Class<?>[] {PreparedStatement.class}, (proxy, method, given) -> {
            try {
                return method.invoke(all, method.getName().startsWith("set") ? shifted(given, before) : given);
            } catch (InvocationTargetException e) {
                throw e.getCause();
            }
        });
    }

    private static Object @Nullable [] shifted(Object @Nullable [] given, int before) {
        if (given == null || !(given[0] instanceof Integer index)) {
            return given;
        }
        Object[] moved = given.clone();
        moved[0] = index + before;
        return moved;
    }
}

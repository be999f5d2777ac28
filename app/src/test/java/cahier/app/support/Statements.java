package cahier.app.support;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Proxy;
import java.sql.Connection;
import java.util.ArrayList;
import java.util.List;
import javax.sql.DataSource;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.jdbc.datasource.DelegatingDataSource;

/** Counts what is sent to the database on this thread, whoever sends it. */
public final class Statements implements BeanPostProcessor {

    private static final ThreadLocal<List<String>> SENT = new ThreadLocal<>();

    /** A piece of work that may throw. */
    @FunctionalInterface
    public interface Work {
        void run() throws Exception;
    }

    /** The statements that the work sends, in order. */
    public static List<String> of(Work work) throws Exception {
        List<String> sent = new ArrayList<>();
        SENT.set(sent);
        try {
            work.run();
        } finally {
            SENT.remove();
        }
        return sent;
    }

    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        if (!(bean instanceof DataSource source)) {
            return bean;
        }
        return new DelegatingDataSource(source) {
            @Override
            public Connection getConnection() throws java.sql.SQLException {
                return counted(super.getConnection());
            }
        };
    }

    private static Connection counted(Connection connection) {
        return (Connection) Proxy.newProxyInstance(Statements.class.getClassLoader(), new Class<?>[] {Connection.class}, (proxy, method, arguments) -> {
            if (method.getName().equals("prepareStatement") && SENT.get() != null) {
                SENT.get().add(arguments[0].toString());
            }
            try {
                return method.invoke(connection, arguments);
            } catch (InvocationTargetException e) {
                throw e.getCause();
            }
        });
    }
}

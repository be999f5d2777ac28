package cahier.app.scope;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.support.Pool;
import cahier.app.support.Postgres;
import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

/** Behind a pool that lends a connection for one transaction, nothing of a transaction is left for the next one's practice. */
class PooledTest {

    private static final int ASKING = 6;
    private static final int TIMES = 60;
    private static final String WHERE = "select coalesce(current_setting('cahier.practice', true), '') || ' ' || current_setting('transaction_isolation') || ' ' || current_setting('transaction_read_only') || ' ' || current_setting('jit')";

    private final Set<Integer> connections = ConcurrentHashMap.newKeySet();

    private String ask(PracticeTransactionManager manager, JdbcTemplate database, boolean looks) {
        TransactionTemplate transaction = new TransactionTemplate(manager);
        transaction.setReadOnly(looks);
        transaction.setIsolationLevel(looks ? TransactionDefinition.ISOLATION_REPEATABLE_READ : TransactionDefinition.ISOLATION_DEFAULT);
        return transaction.execute(t -> {
            connections.add(database.queryForObject("select pg_backend_pid()", Integer.class));
            return database.queryForObject(WHERE, String.class);
        });
    }

    @Test
    void aTransactionIsOfItsPracticeAndOfNoOther() throws Exception {
        HikariConfig config = new HikariConfig();
        try (Pool pool = new Pool(Postgres.freshDatabase(), 2)) {
            config.setJdbcUrl(pool.url());
            config.setUsername(Postgres.user());
            config.setPassword(Postgres.password());
            config.setMaximumPoolSize(ASKING);
            try (HikariDataSource source = new HikariDataSource(config)) {
                PracticeTransactionManager manager = new PracticeTransactionManager(source);
                JdbcTemplate database = new JdbcTemplate(source);
                ExecutorService asking = Executors.newFixedThreadPool(ASKING);
                List<Callable<Void>> all = new ArrayList<>();
                for (int i = 0; i < ASKING; i++) {
                    int who = i;
                    all.add(() -> {
                        for (int n = 0; n < TIMES; n++) {
                            boolean looks = (n + who) % 2 == 0;
                            String rest = looks ? "repeatable read on off" : "read committed off off";
                            if (who == 0) {
                                assertThat(ask(manager, database, looks)).as("of no practice").isEqualTo(" " + rest);
                            } else {
                                assertThat(PracticeScope.within(new PracticeId(who), () -> ask(manager, database, looks))).isEqualTo(who + " " + rest);
                            }
                        }
                        return null;
                    });
                }
                for (Future<Void> each : asking.invokeAll(all)) {
                    each.get();
                }
                asking.shutdown();
            }
        }
        assertThat(connections).as("six ask, two are lent").hasSizeBetween(1, 2);
    }
}

package cahier.app.scope;

import cahier.app.language.Language;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Optional;
import javax.sql.DataSource;
import org.springframework.jdbc.datasource.ConnectionHolder;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.stereotype.Component;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.DefaultTransactionDefinition;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Tells PostgreSQL at the start of each transaction which practice it serves, so that row-level security can hold, and whether it may write. */
@Component
public class PracticeTransactionManager extends JdbcTransactionManager {

    private static final long serialVersionUID = 1L;

    PracticeTransactionManager(DataSource dataSource) {
        super(dataSource);
    }

    @Override
    protected void doBegin(Object transaction, TransactionDefinition definition) {
        super.doBegin(transaction, plain(definition));
        try {
            isolate(definition.getIsolationLevel());
            if (PracticeScope.current().isPresent()) {
                announce(PracticeScope.current().get());
            }
        } catch (SQLException e) {
            doCleanupAfterCompletion(transaction);
            throw new CannotCreateTransactionException("could not enter the practice", e);
        } catch (NoLongerSignedIn e) {
            doCleanupAfterCompletion(transaction);
            throw e;
        }
    }

    /** The driver sets an isolation for the session and not for the transaction: behind a pool of the database's that is somebody else's. */
    private static TransactionDefinition plain(TransactionDefinition definition) {
        DefaultTransactionDefinition plain = new DefaultTransactionDefinition(definition);
        plain.setReadOnly(definition.isReadOnly() || LookingFilter.isLooking());
        plain.setIsolationLevel(TransactionDefinition.ISOLATION_DEFAULT);
        return plain;
    }

    private void isolate(int level) throws SQLException {
        if (level == TransactionDefinition.ISOLATION_REPEATABLE_READ) {
            try (Statement statement = connection().createStatement()) {
                statement.execute("set transaction isolation level repeatable read");
            }
        } else if (level != TransactionDefinition.ISOLATION_DEFAULT) {
            throw new IllegalArgumentException("a transaction reads what is committed, or at one moment; isolation was " + level);
        }
    }

    private Connection connection() {
        return ((ConnectionHolder) TransactionSynchronizationManager.getResource(obtainDataSource())).getConnection();
    }

    private void announce(PracticeId practice) throws SQLException {
        Connection connection = connection();
        Optional<TrainerUser> trainer = PracticeScope.trainer();
        if (trainer.isPresent()) {
            enter(connection, trainer.get());
            return;
        }
        try (PreparedStatement set = connection.prepareStatement("select set_config('cahier.practice', ?, true)")) {
            set.setString(1, practice.toString());
            set.execute();
        }
    }

    /** The database says whether the sign-in still stands: who was let go is out with the next request, wherever it goes. */
    private static void enter(Connection connection, TrainerUser trainer) throws SQLException {
        try (PreparedStatement enter = connection.prepareStatement("select enter_practice_speaking(?, ?, ?)")) {
            enter.setLong(1, trainer.practice().value());
            enter.setLong(2, trainer.id());
            enter.setString(3, trainer.role().name());
            try (ResultSet answer = enter.executeQuery()) {
                String language = answer.next() ? answer.getString(1) : null;
                if (language == null) {
                    throw new NoLongerSignedIn();
                }
                Language.speak(Language.of(language));
            }
        }
    }
}

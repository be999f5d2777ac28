package cahier.app.scope;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
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
        super.doBegin(transaction, LookingFilter.isLooking() ? readOnly(definition) : definition);
        PracticeScope.current().ifPresent(practice -> {
            try {
                announce(practice);
            } catch (SQLException e) {
                doCleanupAfterCompletion(transaction);
                throw new CannotCreateTransactionException("could not enter practice " + practice, e);
            } catch (NoLongerSignedIn e) {
                doCleanupAfterCompletion(transaction);
                throw e;
            }
        });
    }

    private static TransactionDefinition readOnly(TransactionDefinition definition) {
        DefaultTransactionDefinition looking = new DefaultTransactionDefinition(definition);
        looking.setReadOnly(true);
        return looking;
    }

    private void announce(PracticeId practice) throws SQLException {
        ConnectionHolder holder = (ConnectionHolder) TransactionSynchronizationManager.getResource(obtainDataSource());
        Connection connection = holder.getConnection();
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
        try (PreparedStatement enter = connection.prepareStatement("select enter_practice(?, ?, ?)")) {
            enter.setLong(1, trainer.practice().value());
            enter.setLong(2, trainer.id());
            enter.setString(3, trainer.role().name());
            try (ResultSet answer = enter.executeQuery()) {
                if (!answer.next() || !answer.getBoolean(1)) {
                    throw new NoLongerSignedIn();
                }
            }
        }
    }
}

package cahier.app.scope;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Optional;
import org.flywaydb.core.Flyway;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.flyway.FlywayMigrationStrategy;
import org.springframework.stereotype.Component;

/**
 * Migrations run as the owner of the tables, whom the policies let see every practice: as the application's role they would find no row and
 * say nothing. Refuses to start where there is no such owner.
 */
@Component
class Migrations implements FlywayMigrationStrategy {

    private static final String FOREIGN = "select min(tableowner) from pg_tables where schemaname = current_schema() and tableowner <> current_user";

    private final String application;

    Migrations(@Value("${spring.datasource.username}") String application) {
        this.application = application;
    }

    @Override
    public void migrate(Flyway flyway) {
        try (Connection owner = flyway.getConfiguration().getDataSource().getConnection(); Statement statement = owner.createStatement()) {
            String name = one(statement, "select current_user").orElseThrow();
            if (name.equals(application)) {
                throw new IllegalStateException("CAHIER_DB_OWNER must be another role than CAHIER_DB_USER, was " + name + " for both");
            }
            one(statement, FOREIGN).ifPresent(other -> {
                throw new IllegalStateException("CAHIER_DB_OWNER must own the tables, which belong to " + other + " and not to " + name
                        + "; a superuser hands them over with: reassign owned by " + other + " to " + name);
            });
        } catch (SQLException e) {
            throw new IllegalStateException("CAHIER_DB_OWNER and CAHIER_DB_OWNER_PASSWORD must be the role that owns the tables: " + e.getMessage(), e);
        }
        flyway.migrate();
    }

    private static Optional<String> one(Statement statement, String sql) throws SQLException {
        try (ResultSet row = statement.executeQuery(sql)) {
            row.next();
            return Optional.ofNullable(row.getString(1));
        }
    }
}

package cahier.app.support;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.atomic.AtomicInteger;
import javax.sql.DataSource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import org.springframework.test.context.DynamicPropertyRegistry;

/** One real PostgreSQL for the whole test run, in a folder of its own on a free port; the launcher starts it and throws it away. */
public final class Postgres {

    private static final Path LAUNCHER = Path.of("..", "cahier").toAbsolutePath().normalize();
    private static final Path FOLDER = Path.of("target", "pg-" + ProcessHandle.current().pid()).toAbsolutePath();
    private static final String OWNER = "cahier_owner";
    private static final AtomicInteger DATABASES = new AtomicInteger();
    private static final Postgres INSTANCE = start();

    private final String url;
    private final String user;
    private final String password;

    private Postgres(String url, String user, String password) {
        this.url = url;
        this.user = user;
        this.password = password;
    }

    private static Postgres start() {
        Runtime.getRuntime().addShutdownHook(new Thread(() -> launcher("pg-remove")));
        List<String> said = launcher("pg-start").lines().toList();
        return new Postgres(said.get(0), said.get(1), said.get(2));
    }

    private static String launcher(String command) {
        try {
            Process process = new ProcessBuilder(LAUNCHER.toString(), command, FOLDER.toString())
                    .redirectError(ProcessBuilder.Redirect.INHERIT).start();
            String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            if (process.waitFor() != 0) {
                throw new IllegalStateException("./cahier " + command + " ended with " + process.exitValue());
            }
            return said;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** The application under test on a database nobody has used yet. */
    public static void registerFresh(DynamicPropertyRegistry registry) {
        String url = freshDatabase();
        registry.add("spring.datasource.url", () -> url);
        registry.add("spring.datasource.username", Postgres::user);
        registry.add("spring.datasource.password", Postgres::password);
        registry.add("spring.flyway.url", () -> url);
        registry.add("spring.flyway.user", Postgres::owner);
        registry.add("spring.flyway.password", Postgres::password);
    }

    /** The address of a database nobody has used yet. */
    public static String freshDatabase() {
        String name = "test_" + DATABASES.incrementAndGet();
        try (Connection superuser = superuser(INSTANCE.url.replaceAll("/cahier$", "/postgres")); Statement statement = superuser.createStatement()) {
            statement.execute("create database " + name + " owner " + OWNER);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
        return INSTANCE.url.replaceAll("/cahier$", "/" + name);
    }

    /** One number, as the superuser sees it: past row-level security. */
    public static long number(String database, String sql) {
        try (Connection superuser = superuser(database); Statement statement = superuser.createStatement(); ResultSet row = statement.executeQuery(sql)) {
            row.next();
            return row.getLong(1);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Connection superuser(String database) throws SQLException {
        return DriverManager.getConnection(database, "postgres", INSTANCE.password);
    }

    public static DataSource superuserOf(String database) {
        return new DriverManagerDataSource(database, "postgres", INSTANCE.password);
    }

    /** Every table with the number of its rows and a digest of what stands in them, but for these. */
    public static Map<String, String> rows(String database, Set<String> without) {
        JdbcTemplate all = new JdbcTemplate(superuserOf(database));
        Map<String, String> rows = new TreeMap<>();
        for (String table : all.queryForList("select tablename from pg_tables where schemaname = 'public'", String.class)) {
            if (!without.contains(table)) {
                rows.put(table, all.queryForObject("select count(*) || ' ' || coalesce(md5(string_agg(t::text, '' order by t::text)), '') from " + table + " t", String.class));
            }
        }
        return rows;
    }

    /** How many rows of each table belong to a household. */
    public static Map<String, Integer> rowsOf(JdbcTemplate all, long practice, long household) {
        Map<String, Integer> rows = new TreeMap<>();
        all.queryForList("select x::text from tables_by_reference() x where rows_of_household(x) is not null", String.class).forEach(table -> rows.put(table, all.queryForObject(
                "select count(*) from " + table + " where " + all.queryForObject("select rows_of_household('" + table + "')", String.class).replace("$1", "" + practice).replace("$2", "" + household),
                Integer.class)));
        return rows;
    }

    public static String owner() {
        return OWNER;
    }

    public static String user() {
        return INSTANCE.user;
    }

    public static String password() {
        return INSTANCE.password;
    }
}

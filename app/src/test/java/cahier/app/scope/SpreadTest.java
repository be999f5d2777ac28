package cahier.app.scope;

import static org.assertj.core.api.Assertions.assertThat;

import cahier.app.support.AppTest;
import cahier.app.support.Postgres;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Value;

/**
 * That practices can lie on nodes of their own (docs/scale.md): whatever spreads a PostgreSQL by practice asks of every primary, unique and foreign key that it carries the practice.
 * PostgreSQL's own partitions ask the same, so every table is made again in parts by practice, with each of its keys led by it, and filled with what the tests have written.
 */
class SpreadTest extends AppTest {

    private static final String TABLES = "select c.relname from pg_class c where c.relkind = 'r' and c.relnamespace = 'public'::regnamespace "
            + "and (c.relname = 'practice' or exists (select 1 from pg_attribute a where a.attrelid = c.oid and a.attname = 'practice_id'))";
    /** Looked up before the practice is known: on several nodes, a table that all of them have says where each leads. */
    private static final List<String> FOUND_WITHOUT_PRACTICE = List.of("calendar_link (token_hash)", "owner_link (token_hash)", "trainer (lower(email))");

    @Value("${spring.datasource.url}")
    private String url;
    private Connection superuser;

    @BeforeEach
    void beginWhatIsRolledBack() throws SQLException {
        superuser = Postgres.superuserOf(url).getConnection();
        superuser.setAutoCommit(false);
        run("set local search_path = ''");
    }

    @AfterEach
    void leaveNothing() throws SQLException {
        superuser.rollback();
        superuser.close();
    }

    private void run(String sql) throws SQLException {
        try (Statement statement = superuser.createStatement()) {
            statement.execute(sql);
        }
    }

    private List<String> strings(String sql) throws SQLException {
        List<String> found = new ArrayList<>();
        try (Statement statement = superuser.createStatement(); ResultSet rows = statement.executeQuery(sql)) {
            while (rows.next()) {
                found.add(rows.getString(1));
            }
        }
        return found;
    }

    /** Every unique index of a table of a practice, as its definition says it. */
    private List<String> keys() throws SQLException {
        return strings("select pg_get_indexdef(i.indexrelid) from pg_index i join pg_class c on c.oid = i.indrelid where i.indisunique and c.relname in (" + TABLES
                + ") and c.relnamespace = 'public'::regnamespace order by 1");
    }

    @Test
    void everyTableCanBeSpreadByPractice() throws SQLException {
        List<String> tables = strings(TABLES + " order by 1");
        assertThat(tables).hasSizeGreaterThan(60);
        run("create schema spread");
        for (String table : tables) {
            String by = table.equals("practice") ? "id" : "practice_id";
            run("create table spread." + table + " (like public." + table + " including defaults including constraints including generated) partition by hash (" + by + ")");
            for (int part = 0; part < 3; part++) {
                run("create table spread." + table + "_" + part + " partition of spread." + table + " for values with (modulus 3, remainder " + part + ")");
            }
            String columns = strings("select string_agg(quote_ident(attname), ', ') from pg_attribute where attrelid = 'public." + table + "'::regclass and attnum > 0 and not attisdropped and attgenerated = ''").get(0);
            run("insert into spread." + table + " (" + columns + ") select " + columns + " from public." + table);
        }
        List<String> keys = keys();
        assertThat(keys).hasSizeGreaterThan(tables.size());
        for (String key : keys) {
            run(ledByPractice(key));
        }
        int foreign = 0;
        for (String key : strings("select format('alter table %s add %s', k.conrelid::regclass, pg_get_constraintdef(k.oid)) from pg_constraint k where k.contype = 'f' and k.conrelid in (select oid from pg_class where relname in ("
                + TABLES + ") and relnamespace = 'public'::regnamespace) order by 1")) {
            String spread = key.replace("public.", "spread.");
            run(spread.contains("practice_id") ? spread : spread.replace("FOREIGN KEY (", "FOREIGN KEY (practice_id, ").replaceFirst("(REFERENCES \\S+?)\\(", "$1(practice_id, "));
            foreign++;
        }
        assertThat(foreign).isGreaterThan(100);
        for (String table : tables) {
            assertThat(strings("select count(*) from spread." + table)).as(table).isEqualTo(strings("select count(*) from public." + table));
        }
    }

    private static String ledByPractice(String key) {
        String spread = key.replaceFirst("CREATE UNIQUE INDEX \\S+ ON public\\.", "CREATE UNIQUE INDEX ON spread.");
        return spread.contains("practice_id") || spread.contains("spread.practice ") ? spread : spread.replaceFirst("btree \\(", "btree (practice_id, ");
    }

    /** What would be told apart within one practice only, and must be told apart in all. */
    @Test
    void onlyWhatIsFoundWithoutAPracticeStandsAlone() throws SQLException {
        List<String> alone = keys().stream().map(k -> k.replaceFirst(".* ON public\\.(\\S+) USING btree (\\(.*\\)).*", "$1 $2").replaceFirst(" WHERE .*", ""))
                .filter(k -> !k.contains("practice_id") && !k.matches("\\w+ \\((id|\\w+_id)[,)].*")).toList();
        assertThat(alone).containsExactlyInAnyOrderElementsOf(FOUND_WITHOUT_PRACTICE);
    }
}
